<?php

declare(strict_types=1);

namespace App\Http\Console\Partners;

use App\Models\PartnerSale;
use App\Models\SaleStands;
use OpenApi\Attributes as OA;
use PaperKite\Partner\Report\CreditedBy;

#[OA\Schema(schema: 'PartnerSale', description: 'A sale that a marketplace reported, and to which place it is credited.')]
final readonly class SaleResource
{
    /** @param  list<string>  $candidates */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'Of the report, counted from 1.')]
        public int $row,
        #[OA\Property(type: 'string', format: 'date')]
        public string $day,
        #[OA\Property]
        public string $marketplace,
        #[OA\Property(description: 'As the marketplace names it; blank: not said.')]
        public string $item,
        #[OA\Property(description: 'Blank: none.')]
        public string $sub_id,
        #[OA\Property(description: 'Of the sale; blank: not said.')]
        public string $amount,
        #[OA\Property]
        public string $commission,
        #[OA\Property(ref: '#/components/schemas/SaleStands')]
        public SaleStands $stands,
        #[OA\Property(description: 'To what it is credited; blank: to nothing.')]
        public string $place,
        #[OA\Property(ref: '#/components/schemas/CreditedBy')]
        public CreditedBy $credited_by,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'Why it could not be credited; blank: it was.')]
        public string $why,
        #[OA\Property(description: 'Where else it could have come from, with clicks.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $candidates,
    ) {}

    /** @param  PartnerSale  $sale  with its marketplace */
    public static function of(PartnerSale $sale, PlaceNames $names): self
    {
        return new self(
            id: $sale->id,
            row: $sale->row_number,
            day: $sale->day->toDateString(),
            marketplace: $sale->marketplace->name,
            item: $sale->item,
            sub_id: $sale->sub_id,
            amount: $sale->amount()?->shown() ?? '',
            commission: $sale->commission()->shown(),
            stands: $sale->stands,
            place: $sale->credited_by === CreditedBy::Nothing ? '' : $names->of($sale->placement_id, $sale->label_id, $sale->surface),
            credited_by: $sale->credited_by,
            label: $sale->credited_by->label(),
            why: $sale->why?->sentence() ?? '',
            candidates: array_map(static fn (array $each): string => $names->of($each['placement'], $each['label'], $each['surface']).($each['clicks'] === 1 ? ' (one click)' : " ({$each['clicks']} clicks)"), $sale->candidates ?? []),
        );
    }
}
