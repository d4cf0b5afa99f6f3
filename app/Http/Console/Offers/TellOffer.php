<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\Shop;
use App\Offers\KeepSheets;
use App\Offers\OfferSnippets;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;

/** Answers with an offer as it is now. */
final readonly class TellOffer
{
    public function __construct(
        private ReadLooks $looks,
        private Clock $clock,
        private KeepSheets $sheets,
    ) {}

    /** @param  Offer  $offer  with all that its sentence needs */
    public function __invoke(Offer $offer, Shop $shop): OfferResource
    {
        $looks = ($this->looks)($shop);
        // What is shown to be pasted is there when it has been.
        $bringing = $offer->placements->where('brings_sheet', true);
        if ($bringing->isNotEmpty()) {
            $this->sheets->of($shop, $bringing, OfferSnippets::of($offer, $shop, $looks, $this->clock->moment()));
        }

        return OfferResource::of($offer, $shop, $looks, $this->clock->moment());
    }

    /** @param  Offer  $offer  with all that its sentence needs */
    public function answer(Offer $offer, Shop $shop, int $status = 200): JsonResponse
    {
        return response()->json($this($offer, $shop), $status);
    }
}
