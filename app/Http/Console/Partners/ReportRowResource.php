<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use OpenApi\Attributes as OA;
use PaperKite\Partner\Report\RowFault;
use PaperKite\Partner\Report\Sale;
use PaperKite\Sheet\Row;

#[OA\Schema(schema: 'ReportRow', description: 'A row of a report, and what is read of it.')]
final readonly class ReportRowResource
{
    /** @param  list<string>  $cells */
    private function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cells,
        #[OA\Property(description: 'As a sale; blank: it is none.', example: '5 November 2027: €46.00, commission €2.30')]
        public string $read,
        #[OA\Property(description: 'Why it is no sale; blank: it is one.')]
        public string $wrong,
        #[OA\Property(description: 'Whether it is a row of totals, of which there is nothing to mend.')]
        public bool $is_totals,
    ) {}

    public static function of(Row $row, Sale|RowFault $read): self
    {
        return $read instanceof Sale
            ? new self($row->number, $row->cells, self::sentence($read), '', false)
            : new self($row->number, $row->cells, '', $read->sentence, $read->isTotals);
    }

    private static function sentence(Sale $sale): string
    {
        $what = array_filter([$sale->item === '' ? '' : "item {$sale->item}", $sale->subId === '' ? '' : "sub-ID {$sale->subId}", $sale->amount?->shown() ?? '', "commission {$sale->commission->shown()}"], static fn (string $part): bool => $part !== '');

        return $sale->day->text().': '.implode(', ', $what).($sale->isRefund() ? ', given back' : '');
    }
}
