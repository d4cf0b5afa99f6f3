<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Http\Console\Shared\ChoiceResource;
use App\Models\PartnerReport;
use App\PartnerReports\ReportStart;
use OpenApi\Attributes as OA;
use PaperKite\Partner\Report\ReportField;
use PaperKite\Sheet\DayOrder;
use PaperKite\Sheet\Encoding;
use PaperKite\Sheet\Separator;

#[OA\Schema(schema: 'OpenReport', description: 'A report whose columns are still to be said.')]
final readonly class OpenReportResource
{
    /**
     * @param  list<ChoiceResource>  $fields
     * @param  list<ChoiceResource>  $encodings
     * @param  list<ChoiceResource>  $separators
     * @param  list<ChoiceResource>  $orders
     */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $marketplace,
        #[OA\Property]
        public ReportLayoutResource $layout,
        #[OA\Property]
        public ReportTrialResource $trial,
        #[OA\Property(description: 'What a column may hold.', type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $fields,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $encodings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $separators,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $orders,
    ) {}

    /** @param  PartnerReport  $report  with its marketplace */
    public static function of(PartnerReport $report, ReportStart $start): self
    {
        return new self(
            id: $report->id,
            name: $report->name,
            marketplace: $report->marketplace->name,
            layout: ReportLayoutResource::of($report),
            trial: ReportTrialResource::of($report, $start, $report->layout ?? throw new \LogicException('A new report has a layout that was guessed.')),
            fields: array_map(static fn (ReportField $each) => new ChoiceResource($each->value, $each->label()), ReportField::cases()),
            encodings: array_map(static fn (Encoding $each) => new ChoiceResource($each->value, $each->value), Encoding::cases()),
            separators: array_map(static fn (Separator $each) => new ChoiceResource($each->value, $each->label()), Separator::cases()),
            orders: array_map(static fn (DayOrder $each) => new ChoiceResource($each->value, $each->label()), DayOrder::cases()),
        );
    }
}
