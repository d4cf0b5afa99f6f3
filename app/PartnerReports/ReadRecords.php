<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Results\EventKind;
use PaperKite\Time\Day;

/** Reads what products have brought at marketplaces so far: the history from which their earnings are expected. */
final readonly class ReadRecords
{
    /** How far back a history goes, today with it. */
    public const DAYS = 90;

    public function __construct(private ConnectionInterface $db) {}

    /**
     * @param  list<int>  $productIds
     * @return array<string, SalesRecord> by "product/marketplace"; those without any are left out
     */
    public function __invoke(Shop $shop, array $productIds, Day $today): array
    {
        if ($productIds === []) {
            return [];
        }
        $which = 'shop_id = ? AND product_id IN ('.implode(', ', array_fill(0, count($productIds), '?')).') AND day BETWEEN ? AND ?';
        $bindings = [$shop->id, ...$productIds, $today->plusDays(1 - self::DAYS)->text(), $today->text()];
        $rows = $this->db->select(
            "SELECT CONCAT(product_id, '/', marketplace_id) AS k, SUM(clicks) AS clicks, SUM(sales) AS sales, SUM(commission) AS commission FROM (
                SELECT product_id, marketplace_id, acts AS clicks, 0 AS sales, 0 AS commission FROM result_days WHERE {$which} AND kind = ?
                UNION ALL SELECT product_id, marketplace_id, is_act, 0, 0 FROM events WHERE id > (SELECT folded_to FROM result_marks) AND {$which} AND kind = ?
                UNION ALL SELECT product_id, marketplace_id, 0, commission_minor >= 0 AND COALESCE(amount_minor, 0) >= 0, commission_minor FROM partner_sales WHERE {$which} AND stands = 'counts'
            ) AS done GROUP BY product_id, marketplace_id",
            [...$bindings, EventKind::Lead->value, ...$bindings, EventKind::Lead->value, ...$bindings],
        );
        $records = [];
        foreach ($rows as $row) {
            /** @var object{k: string, clicks: int|string, sales: int|string, commission: int|string} $row */
            $records[$row->k] = new SalesRecord((int) $row->clicks, (int) $row->sales, (int) $row->commission);
        }

        return $records;
    }
}
