<?php

declare(strict_types=1);

namespace PaperKite\Partner\Commission;

use PaperKite\Results\Wilson;

/** How many of those who click buy: by the goods' own history, or by what the seller assumes. */
final readonly class Conversion
{
    /** Fewer clicks say too little. */
    public const LEAST_CLICKS = 30;

    private function __construct(
        /** 0 to 1. */
        public float $share,
        public float $low,
        public float $high,
        public bool $isAssumed,
    ) {}

    /**
     * @param  int  $clicks  that led to the marketplace
     * @param  int  $sales  that were credited to them
     * @param  float  $assumed  0 to 1, where there is too little history
     */
    public static function of(int $clicks, int $sales, float $assumed): self
    {
        if ($clicks < self::LEAST_CLICKS) {
            return new self($assumed, $assumed, $assumed, true);
        }
        // Of one click two things may be bought.
        $sold = min($sales, $clicks);
        $interval = Wilson::of($sold, $clicks);

        return new self($sold / $clicks, $interval->low, $interval->high, false);
    }
}
