<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Results\EventKind;
use PaperKite\Time\Day;

/** Reads what partners' sales brought, beside the clicks that led there. Amounts of two currencies are two rows, and never one sum. */
final readonly class ReadEarnings
{
    public function __construct(private ConnectionInterface $db) {}

    /**
     * @param  string  $only  a key as it is read by; blank: all
     * @return array{list<Earned>, int} a page of rows, those first that brought most, by month the latest; and how many there are
     */
    public function page(Shop $shop, EarningsBy $by, Day $from, Day $to, int $page, int $perPage, string $only = ''): array
    {
        $which = 'shop_id = ? AND day BETWEEN ? AND ?';
        $bindings = [$shop->id, $from->text(), $to->text()];
        $rows = $this->db->select(
            "SELECT earned.k, earned.currency, SUM(clicks) AS clicks, SUM(sales) AS sales, SUM(refunds) AS refunds, SUM(amount) AS amount, SUM(commission) AS commission, COUNT(*) OVER () AS in_all
            FROM (
                SELECT {$by->sql(true)} AS k, currency, 0 AS clicks, SUM(commission_minor >= 0 AND COALESCE(amount_minor, 0) >= 0) AS sales, SUM(commission_minor < 0 OR COALESCE(amount_minor, 0) < 0) AS refunds, SUM(COALESCE(amount_minor, 0)) AS amount, SUM(commission_minor) AS commission
                FROM partner_sales WHERE {$which} AND stands = 'counts' GROUP BY 1, 2
                UNION ALL
                SELECT counted.k, marketplaces.currency, SUM(counted.acts), 0, 0, 0, 0
                FROM (
                    SELECT {$by->sql(false)} AS k, marketplace_id, SUM(acts) AS acts FROM result_days WHERE {$which} AND kind = ? AND marketplace_id <> 0 GROUP BY 1, 2
                    UNION ALL
                    SELECT {$by->sql(false)}, marketplace_id, SUM(is_act) FROM events WHERE id > (SELECT folded_to FROM result_marks) AND {$which} AND kind = ? AND marketplace_id <> 0 GROUP BY 1, 2
                ) AS counted JOIN marketplaces ON marketplaces.id = counted.marketplace_id GROUP BY 1, 2
            ) AS earned
            WHERE ? = '' OR earned.k = ?
            GROUP BY earned.k, earned.currency
            ORDER BY ".($by === EarningsBy::Month ? 'earned.k DESC, earned.currency' : 'SUM(commission) DESC, SUM(clicks) DESC, earned.k').' LIMIT ? OFFSET ?',
            [...$bindings, ...$bindings, EventKind::Lead->value, ...$bindings, EventKind::Lead->value, $only, $only, $perPage, ($page - 1) * $perPage],
        );
        /** @var list<object{k: string, currency: string, clicks: int|string, sales: int|string, refunds: int|string, amount: int|string, commission: int|string, in_all: int}> $rows */

        return [array_map(self::earned(...), $rows), $rows === [] ? 0 : $rows[0]->in_all];
    }

    /** @param  object{k: string, currency: string, clicks: int|string, sales: int|string, refunds: int|string, amount: int|string, commission: int|string, in_all: int}  $row */
    private static function earned(object $row): Earned
    {
        $currency = Currency::of($row->currency);

        return new Earned($row->k, (int) $row->clicks, (int) $row->sales, (int) $row->refunds, Money::ofMinor((int) $row->amount, $currency), Money::ofMinor((int) $row->commission, $currency));
    }
}
