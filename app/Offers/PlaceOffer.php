<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use App\Models\Placement;
use Illuminate\Database\UniqueConstraintViolationException;
use PaperKite\Link\PlacementCode;
use Random\Engine\Secure;
use Random\Randomizer;

/** Puts an offer in a place under a code that no placement has had before. */
final readonly class PlaceOffer
{
    private const TRIES = 5;

    /** @param  array<string, mixed>  $as  the name of the page, the medium, and what else the placement says of itself */
    public function __invoke(Offer $offer, array $as): Placement
    {
        for ($try = 1; ; $try++) {
            try {
                return Placement::query()->create($as + [
                    'shop_id' => $offer->shop_id,
                    'offer_id' => $offer->id,
                    'code' => PlacementCode::random(new Randomizer(new Secure))->text,
                ]);
            } catch (UniqueConstraintViolationException $taken) {
                if ($try === self::TRIES) {
                    throw $taken;
                }
            }
        }
    }
}
