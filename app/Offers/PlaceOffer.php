<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use App\Models\Placement;
use Illuminate\Database\UniqueConstraintViolationException;
use PaperKite\Link\PlacementCode;
use Random\Engine\Secure;
use Random\Randomizer;

/** Puts an offer on a page under a code that no placement has had before. */
final readonly class PlaceOffer
{
    private const TRIES = 5;

    public function __invoke(Offer $offer, string $page): Placement
    {
        for ($try = 1; ; $try++) {
            try {
                return Placement::query()->create([
                    'shop_id' => $offer->shop_id,
                    'offer_id' => $offer->id,
                    'code' => PlacementCode::random(new Randomizer(new Secure))->text,
                    'page' => $page,
                ]);
            } catch (UniqueConstraintViolationException $taken) {
                if ($try === self::TRIES) {
                    throw $taken;
                }
            }
        }
    }
}
