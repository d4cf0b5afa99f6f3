<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Models\PartnerReport;
use OpenApi\Attributes as OA;
use PaperKite\Partner\Report\ReportField;
use PaperKite\Partner\Report\ReportLayout;
use PaperKite\Sheet\DayOrder;
use PaperKite\Sheet\Encoding;
use PaperKite\Sheet\Separator;
use PaperKite\Text\DecimalMark;
use PaperKite\Text\FormInput;

/** How a report is written, and which of its columns holds what, as its form holds it. */
#[OA\Schema(schema: 'ReportLayout')]
final readonly class ReportLayoutResource
{
    /** @param  array<string, string>|\stdClass  $columns */
    private function __construct(
        #[OA\Property(description: 'Names of columns by field; blank: there is none.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public array|\stdClass $columns,
        #[OA\Property(ref: '#/components/schemas/DecimalMark')]
        public DecimalMark $mark,
        #[OA\Property(ref: '#/components/schemas/DayOrder')]
        public DayOrder $order,
        #[OA\Property(ref: '#/components/schemas/SheetEncoding')]
        public Encoding $encoding,
        #[OA\Property(ref: '#/components/schemas/SheetSeparator')]
        public Separator $separator,
    ) {}

    public static function of(PartnerReport $report): self
    {
        $layout = $report->layout ?? new ReportLayout([], DecimalMark::Point, DayOrder::DayFirst);
        $columns = [];
        foreach (ReportField::cases() as $field) {
            $columns[$field->value] = $layout->columns[$field->value] ?? '';
        }

        return new self($columns, $layout->mark, $layout->order, $report->encoding, $report->separator);
    }

    public static function read(FormInput $typed): ReportLayout
    {
        $columns = [];
        foreach (ReportField::cases() as $field) {
            $name = $typed->part('columns')->text($field->value);
            if ($name !== '') {
                $columns[$field->value] = $name;
            }
        }

        return new ReportLayout($columns, DecimalMark::tryFrom($typed->text('mark')) ?? DecimalMark::Point, DayOrder::tryFrom($typed->text('order')) ?? DayOrder::DayFirst);
    }
}
