<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Looks\LookBook;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\ColumnCaution;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\ShortForm;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'TableColumn')]
final readonly class TableColumnResource
{
    private function __construct(
        #[OA\Property]
        public int $offer_id,
        #[OA\Property]
        public OfferShortResource $short,
        #[OA\Property(ref: '#/components/schemas/OfferState')]
        public OfferState $state,
        #[OA\Property]
        public bool $is_stressed,
        #[OA\Property(description: 'What it is called; blank: what it sells.')]
        public string $name,
        #[OA\Property(description: 'Up to six lines.')]
        public string $text,
        #[OA\Property(description: 'Why its button sells nothing now; blank: it sells.')]
        public string $caution,
    ) {}

    public static function of(Placement $column, Shop $shop, LookBook $looks, Moment $at): self
    {
        $offer = $column->offer;
        $core = $offer->toCore($shop, $looks->chosen($offer->look_id)->name);
        $bill = $core->destination->bill($shop->rules(), $shop->home_country, $at)->receipt;

        return new self($offer->id, OfferShortResource::of(ShortForm::of($core, $bill)), $offer->state, $column->is_stressed === true, $column->column_name, $column->column_text, ColumnCaution::of($offer));
    }
}
