<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Models\PartnerReport;
use App\PartnerReports\ReportStart;
use OpenApi\Attributes as OA;
use PaperKite\Money\Currency;
use PaperKite\Partner\Report\ReadSale;
use PaperKite\Partner\Report\ReportLayout;
use PaperKite\Sheet\Row;

#[OA\Schema(schema: 'ReportTrial', description: 'How a report begins, as its columns are said now; nothing is saved.')]
final readonly class ReportTrialResource
{
    /**
     * @param  list<string>  $header
     * @param  list<ReportRowResource>  $rows
     * @param  array<string, string>|\stdClass  $errors
     */
    private function __construct(
        #[OA\Property(description: 'The names of its columns.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $header,
        #[OA\Property(description: 'The first ones.', type: 'array', items: new OA\Items(ref: ReportRowResource::class))]
        public array $rows,
        #[OA\Property(description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public array|\stdClass $errors,
    ) {}

    public static function of(PartnerReport $report, ReportStart $start, ReportLayout $layout): self
    {
        $errors = $layout->errors($start->header);
        $reader = new ReadSale($layout->places($start->header), $layout, Currency::of($report->marketplace->currency));

        return new self($start->header, array_map(static fn (Row $row) => ReportRowResource::of($row, $reader->of($row)), $start->rows), $errors === [] ? new \stdClass : $errors);
    }
}
