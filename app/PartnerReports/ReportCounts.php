<?php

declare(strict_types=1);

namespace App\PartnerReports;

use Illuminate\Database\ConnectionInterface;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;

/** How many rows of a report are what. */
final readonly class ReportCounts
{
    private function __construct(
        public int $sales = 0,
        public int $counted = 0,
        public int $repeated = 0,
        public int $corrected = 0,
        public int $uncredited = 0,
        public int $unread = 0,
        private int $commissionMinor = 0,
    ) {}

    public function earned(string $currency): Money
    {
        return Money::ofMinor($this->commissionMinor, Currency::of($currency));
    }

    /**
     * @param  list<int>  $reportIds
     * @return array<int, self> by report
     */
    public static function read(ConnectionInterface $db, array $reportIds): array
    {
        $counts = array_fill_keys($reportIds, new self);
        $unread = $db->table('partner_report_faults')->whereIn('report_id', $reportIds)->where('is_totals', false)->groupBy('report_id')->selectRaw('report_id, COUNT(*) AS faults')->pluck('faults', 'report_id')->all();
        $rows = $db->table('partner_sales')->whereIn('report_id', $reportIds)->groupBy('report_id')->selectRaw(
            "report_id, COUNT(*) AS sales, SUM(stands = 'counts') AS counted, SUM(stands = 'repeated') AS repeated, SUM(stands = 'corrected') AS corrected, SUM(stands = 'counts' AND credited_by = 'nothing') AS uncredited, SUM(IF(stands = 'counts', commission_minor, 0)) AS commission",
        )->get()->keyBy('report_id');
        foreach ($reportIds as $id) {
            /** @var object{sales: int, counted: int|string, repeated: int|string, corrected: int|string, uncredited: int|string, commission: int|string}|null $row */
            $row = $rows->get($id);
            $faults = is_numeric($unread[$id] ?? null) ? (int) $unread[$id] : 0;
            $counts[$id] = $row === null ? new self(unread: $faults) : new self($row->sales, (int) $row->counted, (int) $row->repeated, (int) $row->corrected, (int) $row->uncredited, $faults, (int) $row->commission);
        }

        return $counts;
    }
}
