<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

/** What the cart shows of each line, beside its name and its sum. */
final readonly class CartColumns
{
    public function __construct(
        public bool $picture = true,
        /** What a piece costs. */
        public bool $priceEach = true,
        /** The field in which the quantity is changed; without it, it is told. */
        public bool $quantity = true,
        public bool $remove = true,
    ) {}

    /** Whether a shopper can take a line out. */
    public function canTakeOut(): bool
    {
        return $this->quantity || $this->remove;
    }
}
