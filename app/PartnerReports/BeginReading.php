<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Database\InTransaction;
use App\Models\PartnerReport;
use App\Models\ReportState;
use PaperKite\Partner\Report\ReportLayout;

/** Has a report read by its columns, which are remembered for the next one of the same partner. */
final readonly class BeginReading
{
    public function __construct(private InTransaction $inTransaction) {}

    public function __invoke(PartnerReport $report, ReportLayout $layout): void
    {
        $begins = ($this->inTransaction)(function () use ($report, $layout): bool {
            $now = PartnerReport::query()->whereKey($report->id)->lockForUpdate()->with('marketplace.partner')->firstOrFail();
            // Whoever says it twice has it read once.
            if ($now->state !== ReportState::New) {
                return false;
            }
            $now->update(['state' => ReportState::Reading, 'layout' => $layout]);
            $now->marketplace->partner->update(['report_layout' => $layout]);

            return true;
        });
        if ($begins) {
            ReadReportJob::dispatch($report->id);
        }
    }
}
