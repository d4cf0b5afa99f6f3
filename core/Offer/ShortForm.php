<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Money\Money;
use PaperKite\Quote\Receipt;

/** An offer in a line of a list. Its sentence says the same in full. */
final readonly class ShortForm
{
    private function __construct(
        public string $caption,
        /** What the shopper gets: "2 × Heather honey and one more". */
        public string $goods,
        /** "straight to paying", "to Nordkai". */
        public string $leads,
        /** What a shopper pays who takes it alone; `null` where it can't be told, or is paid elsewhere. */
        public ?Money $amount,
        /** Whether any of the goods has too little left for one click. */
        public bool $isSoldOut,
    ) {}

    /** @param  Receipt|null  $bill  what a shopper pays who takes this offer alone */
    public static function of(Offer $offer, ?Receipt $bill): self
    {
        $soldOut = array_filter($offer->destination->items(), static fn (OfferItem $item): bool => $item->isSoldOut());

        return new self($offer->caption(), $offer->destination->goods(), $offer->destination->leads(), $bill?->total, $soldOut !== []);
    }

    /** As it is called where a line is too much: "Buy now: Heather honey". */
    public static function name(Offer $offer): string
    {
        return "{$offer->caption()}: {$offer->destination->goods()}";
    }
}
