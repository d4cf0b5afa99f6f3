<?php

declare(strict_types=1);

namespace PaperKite\Partner\Price;

use PaperKite\Money\Money;

/** What is known of an item's price: what the shop shows, what its page said last, and how the two stand to each other. */
final readonly class WatchedPrice
{
    public function __construct(
        /** What the shop shows; `null`: none. */
        public ?Money $shown,
        /** What the page said when it was read last; `null`: it never was. */
        public ?Money $found = null,
        public ?PriceState $state = null,
        public ?PageProblem $problem = null,
        /** How often in a row the page was not there. */
        public int $misses = 0,
        /** Whether what is shown was seen there just now. */
        public bool $isSeenNow = false,
    ) {}

    /** After its page was looked at. */
    public function after(SeenPage|PageProblem $page, PriceRule $rule): self
    {
        if ($page instanceof PageProblem) {
            return $this->without($page);
        }
        $shown = $this->shown !== null && $rule->takesOver ? $page->price : $this->shown;
        $isSame = $shown === null || $shown->equals($page->price);

        return new self($shown, $page->price, $isSame ? PriceState::Same : PriceState::Changed, isSeenNow: $isSame && $shown !== null);
    }

    /** The seller shows what the page says. */
    public function takenOver(): self
    {
        return $this->found === null ? $this : new self($this->found, $this->found, $this->state === PriceState::Changed ? PriceState::Same : $this->state, $this->problem, $this->misses, true);
    }

    /** The seller shows another price, or none. */
    public function showing(?Money $price): self
    {
        $state = $this->state === PriceState::Same || $this->state === PriceState::Changed
            ? ($price === null || $this->found === null || $price->equals($this->found) ? PriceState::Same : PriceState::Changed)
            : $this->state;

        return new self($price, $this->found, $state, $this->problem, $this->misses);
    }

    private function without(PageProblem $problem): self
    {
        $misses = $problem === PageProblem::NotFound ? min($this->misses + 1, 255) : 0;

        return new self($this->shown, $this->found, $problem->meansGone($misses) ? PriceState::Vanished : PriceState::Unreadable, $problem, $misses);
    }
}
