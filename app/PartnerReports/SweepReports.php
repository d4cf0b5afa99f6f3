<?php

declare(strict_types=1);

namespace App\PartnerReports;

use App\Models\PartnerReport;
use App\Models\ReportState;
use App\Time\Clock;

/** Clears away reports whose columns nobody has said for long, and files that nobody reads any more; has those read on that were left lying. */
final readonly class SweepReports
{
    private const DAYS = 30;

    private const LEFT_MINUTES = 10;

    public function __construct(
        private ReportFiles $files,
        private Clock $clock,
    ) {}

    public function __invoke(): void
    {
        PartnerReport::query()->where('state', ReportState::New)->where('updated_at', '<', $this->clock->now()->subDays(self::DAYS))->delete();
        foreach (PartnerReport::query()->where('state', ReportState::Reading)->where('updated_at', '<', $this->clock->now()->subMinutes(self::LEFT_MINUTES))->pluck('id') as $id) {
            ReadReportJob::dispatch(is_int($id) ? $id : 0);
        }
        $this->files->sweep();
    }
}
