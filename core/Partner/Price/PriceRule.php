<?php

declare(strict_types=1);

namespace PaperKite\Partner\Price;

use PaperKite\Time\Day;

/** For how long a partner's price is believed, and what becomes of it then. */
final readonly class PriceRule
{
    public const LONGEST_DAYS = 365;

    public function __construct(
        /** A price that was seen so many days ago is as good as one of today. */
        public int $days = 14,
        public StalePrice $stale = StalePrice::Mark,
        /** Whether a price that has changed there is shown by itself; otherwise the seller is asked first. */
        public bool $takesOver = false,
    ) {}

    /** @param  PriceState|null  $state  `null`: the page was never looked at */
    public function showing(Day $seen, Day $today, ?PriceState $state): PriceShowing
    {
        return match (true) {
            // It is known to be wrong, or nobody can pay it any more.
            $state === PriceState::Changed, $state === PriceState::Vanished => PriceShowing::Hidden,
            $today->number() - $seen->number() <= $this->days => PriceShowing::Plain,
            default => $this->stale === StalePrice::Hide ? PriceShowing::Hidden : PriceShowing::Marked,
        };
    }
}
