<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Database\InTransaction;
use App\Models\PartnerReport;
use App\Models\ReportState;

/** Takes a report back that was read, with all of its sales, or lets it count again. */
final readonly class TakeBackReport
{
    public function __construct(
        private InTransaction $inTransaction,
        private SettleSales $settle,
    ) {}

    public function __invoke(PartnerReport $report, bool $isBack): void
    {
        ($this->inTransaction)(function () use ($report, $isBack): void {
            $now = PartnerReport::query()->whereKey($report->id)->lockForUpdate()->firstOrFail();
            if ($now->state !== ($isBack ? ReportState::Done : ReportState::TakenBack)) {
                return;
            }
            $now->update(['state' => $isBack ? ReportState::TakenBack : ReportState::Done]);
            $this->settle->of($now->marketplace_id);
        });
    }
}
