<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Catalogue\Pick;
use PaperKite\Offer\Destination\Destination;

/** One way to buy: what the click does, what is sold by it, and its words. */
final readonly class Offer
{
    /** How many pieces one click adds at most. */
    public const LARGEST_QUANTITY = 999;

    public const MOST_ITEMS = 20;

    public function __construct(
        public Destination $destination,
        public Opening $opening,
        /** Its own; blank ones are the shop's, or built in. */
        public StateWords $words,
        /** What the shop says everywhere. */
        public ShopWords $shopWords,
        /** The name of its look. */
        public string $look,
    ) {}

    public function word(ButtonState $state): Word
    {
        return WordLadder::ofOffer($this->words, $this->shopWords)->word($state, $this->destination->caption());
    }

    public function caption(): string
    {
        return $this->word(ButtonState::Idle)->text;
    }

    /** @return list<Pick> what is typically bought by it */
    public function picks(): array
    {
        return array_map(static fn (OfferItem $item): Pick => $item->typicalPick(), $this->destination->items());
    }

    public function way(): Steps
    {
        return $this->destination->steps($this->opening);
    }
}
