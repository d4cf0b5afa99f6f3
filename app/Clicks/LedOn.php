<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Models\OfferLine;
use App\Models\PartnerAddress;
use App\Models\Placement;
use PaperKite\Offer\Step;

/** A click that does for everybody of the shopper's country what it did for them, until something of the shop changes. */
final readonly class LedOn
{
    private function __construct(
        public Placement $placement,
        /** At the marketplace that it led to; `null`: to none. */
        public ?PartnerAddress $lead,
    ) {}

    /** @return self|null `null` where the next click may do something else by itself: by whose it is, or as time goes by */
    public static function by(Placement $placement, Caller $caller): ?self
    {
        $offer = $placement->offer;
        $way = $offer->way();
        $isDated = $offer->lines->contains(static fn (OfferLine $line): bool => $line->product->begins_at !== null || $line->variant?->begins_at !== null);
        if ($placement->within !== null || (! $way->addsAtOnce && $way->first() === Step::Checkout) || $isDated) {
            return null;
        }
        $partner = $offer->partnerLine();

        return new self($placement, $partner === null ? null : LeadOut::addressOf($partner->product, $caller));
    }

    /** @return Straight|null `null` where it adds nothing */
    public function straight(): ?Straight
    {
        $offer = $this->placement->offer;

        return $offer->way()->addsAtOnce ? Straight::of($this->placement, FollowPlacement::goodsOf($offer)) : null;
    }
}
