<?php

declare(strict_types=1);

namespace PaperKite\Partner\Commission;

use PaperKite\Money\Percentage;
use PaperKite\Time\Day;

/** What a marketplace pays of a sale: for goods of a category, from a day to a day. */
final readonly class Rate
{
    public function __construct(
        /** As the marketplace calls it; blank: all that have no rate of their own. */
        public string $category,
        public Percentage $share,
        /** The first day; `null`: always before `until`. */
        public ?Day $from = null,
        /** The last day; `null`: until another is entered. */
        public ?Day $until = null,
    ) {}

    public function isOn(Day $day): bool
    {
        return ($this->from === null || $this->from->number() <= $day->number()) && ($this->until === null || $day->number() <= $this->until->number());
    }

    /** Whether there is a day on which both would be paid for the same goods. */
    public function meets(self $other): bool
    {
        return $this->category === $other->category
            && ($this->from === null || $other->until === null || $this->from->number() <= $other->until->number())
            && ($other->from === null || $this->until === null || $other->from->number() <= $this->until->number());
    }
}
