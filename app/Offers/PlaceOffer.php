<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use App\Models\Placement;
use PaperKite\Link\PlacementCode;

/** Puts an offer in a place under a code that no placement has had before. */
final readonly class PlaceOffer
{
    public function __construct(private FreshCode $fresh) {}

    /** @param  array<string, mixed>  $as  the name of the page, the medium, and what else the placement says of itself */
    public function __invoke(Offer $offer, array $as): Placement
    {
        return ($this->fresh)(static fn (PlacementCode $code): Placement => Placement::query()->create($as + ['shop_id' => $offer->shop_id, 'offer_id' => $offer->id, 'code' => $code->text]));
    }
}
