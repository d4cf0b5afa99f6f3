<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Looks\LookBook;
use App\Models\Placement;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Sentence;

#[OA\Schema(schema: 'TableColumn')]
final readonly class TableColumnResource
{
    private function __construct(
        #[OA\Property]
        public int $offer_id,
        #[OA\Property(description: 'The offer in one sentence.')]
        public string $decided,
        #[OA\Property(ref: '#/components/schemas/OfferState')]
        public OfferState $state,
        #[OA\Property]
        public bool $is_stressed,
    ) {}

    public static function of(Placement $column, Shop $shop, LookBook $looks): self
    {
        $offer = $column->offer;

        return new self($offer->id, Sentence::decided($offer->toCore($shop, $looks->chosen($offer->look_id)->name))->text(), $offer->state, $column->is_stressed === true);
    }
}
