<?php

declare(strict_types=1);

namespace PaperKite\Medium;

use PaperKite\Money\Money;

/** One of the goods of a placed offer. */
final readonly class PlacedGoods
{
    public function __construct(
        public string $name,
        public string $sku,
        /** A sentence or two in plain text; blank where there is none. */
        public string $summary,
        /** A whole address; `null` where there is none. */
        public ?string $picture,
        public int $quantity,
        /** Of one piece; `null` where another merchant asks it. */
        public ?Money $price,
        /** Whether it is given to, not bought. */
        public bool $isGiven = false,
        /** When it takes place, as RFC 3339; `null` where it does not. */
        public ?string $begins = null,
        public ?string $ends = null,
        public string $place = '',
    ) {}
}
