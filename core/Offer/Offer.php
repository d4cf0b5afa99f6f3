<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\Pick;

/** One way to buy: what is sold, what the click does, and its words. */
final readonly class Offer
{
    /** How many pieces one click adds at most. */
    public const LARGEST_QUANTITY = 999;

    public const MOST_ITEMS = 20;

    /** @param  list<OfferItem>  $items  none: the shopper's cart as it is */
    public function __construct(
        public array $items,
        public Destination $destination,
        public CartUse $cartUse,
        public Opening $opening,
        /** `null` where one click always adds the same number. */
        public ?Ask $ask,
        /** Its own; blank ones are the shop's, or built in. */
        public StateWords $words,
        /** What the shop says everywhere. */
        public StateWords $shopWords,
        /** The name of its look. */
        public string $look,
        /** Where the shopper lands afterwards, as the seller wrote it; `null`: as the shop has it. */
        public ?string $landing = null,
    ) {}

    public function word(ButtonState $state): Word
    {
        return WordLadder::ofOffer($this->words, $this->shopWords)->word($state, $this->destination, $this->purpose());
    }

    public function caption(): string
    {
        return $this->word(ButtonState::Idle)->text;
    }

    public function purpose(): Purpose
    {
        return Purpose::of(array_map(static fn (OfferItem $item): bool => $item->pick->product->kind->isGiven(), $this->items));
    }

    /** @return list<Pick> what is typically bought by it */
    public function picks(): array
    {
        return array_map(static fn (OfferItem $item): Pick => $item->typicalPick(), $this->items);
    }

    /** Whether the shopper has still to say which variant, or how much. */
    public function leavesAChoice(): bool
    {
        foreach ($this->items as $item) {
            if ($item->leavesAChoice()) {
                return true;
            }
        }

        return false;
    }

    /** Whether it can't be had as a whole. */
    public function isSoldOut(): bool
    {
        foreach ($this->items as $item) {
            if ($item->isSoldOut()) {
                return true;
            }
        }

        return false;
    }

    public function way(): Steps
    {
        return Steps::of($this->destination, $this->opening, count($this->items), $this->ask !== null || $this->leavesAChoice());
    }
}
