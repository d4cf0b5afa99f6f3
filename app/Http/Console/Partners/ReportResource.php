<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Models\PartnerReport;
use App\Models\ReportState;
use App\PartnerReports\ReportCounts;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Report', description: 'A report of a marketplace, and how far it has come.')]
final readonly class ReportResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'Of the file.')]
        public string $name,
        #[OA\Property]
        public string $marketplace,
        #[OA\Property(ref: '#/components/schemas/ReportState')]
        public ReportState $state,
        #[OA\Property(type: 'string', format: 'date-time')]
        public string $uploaded_at,
        #[OA\Property(description: 'In hundredths of the file.')]
        public int $progress,
        #[OA\Property(description: 'Rows that are sales, given back or not.')]
        public int $sales,
        #[OA\Property(description: 'Of these, those that count.')]
        public int $counted,
        #[OA\Property(description: 'Those that an earlier report has, too.')]
        public int $repeated,
        #[OA\Property(description: 'Those that a later report corrects.')]
        public int $corrected,
        #[OA\Property(description: 'Those that count and could not be credited.')]
        public int $uncredited,
        #[OA\Property(description: 'Rows that could not be read.')]
        public int $unread,
        #[OA\Property(description: 'What those that count earned.', example: '€124.10')]
        public string $earned,
    ) {}

    /** @param  PartnerReport  $report  with its marketplace */
    public static function of(PartnerReport $report, ReportCounts $counts): self
    {
        return new self(
            id: $report->id,
            name: $report->name,
            marketplace: $report->marketplace->name,
            state: $report->state,
            uploaded_at: $report->created_at->toIso8601ZuluString(),
            progress: match ($report->state) {
                ReportState::New => 0,
                ReportState::Reading => $report->bytes === 0 ? 0 : min(99, intdiv($report->read_to * 100, $report->bytes)),
                ReportState::Done, ReportState::TakenBack => 100,
            },
            sales: $counts->sales,
            counted: $counts->counted,
            repeated: $counts->repeated,
            corrected: $counts->corrected,
            uncredited: $counts->uncredited,
            unread: $counts->unread,
            earned: $counts->earned($report->marketplace->currency)->shown(),
        );
    }
}
