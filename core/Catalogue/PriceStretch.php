<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

use PaperKite\Money\Money;
use PaperKite\Time\Moment;

/** A stretch of time over which a price stays the same. */
final readonly class PriceStretch
{
    private function __construct(
        public Money $price,
        /** `null`: since ever. */
        public ?Moment $from,
        /** `null`: for good. */
        public ?Moment $until,
        public bool $isNow,
        public bool $isSale,
    ) {}

    /** @return list<self> what the price was, is and will be */
    public static function of(Price $price, Moment $now): array
    {
        $from = $price->sale?->from;
        $until = $price->sale?->until;
        $edges = array_values(array_filter([$from, $until], static fn (?Moment $edge): bool => $edge !== null));
        $stretches = [];
        foreach ([null, ...$edges] as $i => $begins) {
            $ends = $edges[$i] ?? null;
            $isSale = $price->sale !== null && ($begins === null ? $from === null : $price->sale->isOn($begins));
            $isNow = ($begins === null || ! $now->isBefore($begins)) && ($ends === null || $now->isBefore($ends));
            $stretches[] = new self($isSale ? $price->sale->price : $price->regular, $begins, $ends, $isNow, $isSale);
        }

        return $stretches;
    }
}
