<?php

declare(strict_types=1);

namespace App\Offers;

use PaperKite\Offer\OfferState;

/** What an offer shall become, where several are changed at once: a state, or a look. */
final readonly class OfferChange
{
    private function __construct(
        public int $offer,
        /** `null`: the look is changed. */
        public ?OfferState $state,
        /** `null`: the shop's default, where the look is changed. */
        public ?int $look,
    ) {}

    public static function toState(int $offer, OfferState $state): self
    {
        return new self($offer, $state, null);
    }

    public static function toLook(int $offer, ?int $look): self
    {
        return new self($offer, null, $look);
    }
}
