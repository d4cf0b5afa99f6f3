<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Offer\Destination\Destination;
use PaperKite\Offer\Destination\LeadToPage;
use PaperKite\Offer\Destination\LeadToPartner;
use PaperKite\Offer\Destination\SellHere;
use PaperKite\Offer\Destination\ShowCart;
use PaperKite\Refusal;

/** What stands on the desk, right or wrong, before it is an offer. */
final readonly class Draft
{
    /** @param  list<DraftItem>  $items  none: the shopper's cart as it is */
    public function __construct(
        public array $items,
        public Onwards $onwards,
        public CartUse $cartUse,
        public Opening $opening,
        public DraftAsk $ask,
        /** @var array<string, string> as typed, by the value of the state; blank for what the shop says, or what is built in */
        public array $words,
        /** As typed; blank for where the shop leads anyway. */
        public string $landing,
        /** As typed: where the click leads, where that is a page of the seller's own. */
        public string $page,
        public ShopSetting $shop,
        public DraftLook $look,
    ) {}

    /** The offer as far as it can be read: a slot that holds something wrong counts as left alone, and its finding says so. */
    public function offer(): Offer
    {
        return new Offer(
            destination: $this->destination(),
            opening: $this->opening,
            words: $this->readWords(),
            shopWords: $this->shop->words,
            look: $this->look->name,
        );
    }

    /** A shopper is asked how many of one product only. */
    public function readAsk(): ?Ask
    {
        if (count($this->readItems()) !== 1) {
            return null;
        }
        try {
            return $this->ask->read();
        } catch (Refusal) {
            return null;
        }
    }

    /** `null` for where the shop leads anyway. */
    public function readLanding(): ?string
    {
        return trim($this->landing, ' ') === '' ? null : trim($this->landing, ' ');
    }

    public function readPage(): string
    {
        return trim($this->page, ' ');
    }

    private function destination(): Destination
    {
        $items = $this->readItems();
        if ($this->onwards === Onwards::Page) {
            return new LeadToPage($this->readPage());
        }
        if (count($this->items) === 1 && $this->items[0]->partner !== null) {
            return new LeadToPartner($this->items[0]->partner);
        }

        return $items === []
            ? new ShowCart($this->onwards, $this->readLanding())
            : new SellHere($items, $this->onwards, $this->cartUse, $this->readAsk(), $this->readLanding());
    }

    /** @return list<OfferItem> */
    private function readItems(): array
    {
        return array_values(array_filter(array_map(static fn (DraftItem $item): ?OfferItem => $item->read(), $this->items)));
    }

    private function readWords(): StateWords
    {
        $words = [];
        foreach (ButtonState::cases() as $state) {
            try {
                $words[$state->value] = StateWords::read($state, $this->words[$state->value] ?? '');
            } catch (Refusal) {
                continue;
            }
        }

        return StateWords::of($words);
    }
}
