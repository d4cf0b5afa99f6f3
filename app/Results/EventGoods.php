<?php

declare(strict_types=1);

namespace App\Results;

/** Goods of one product that an event is about. */
final readonly class EventGoods
{
    public function __construct(
        public int $productId,
        public int $pieces = 0,
        /** After discounts, without shipping, with the tax that prices contain; 0 where nothing was sold. */
        public int $valueMinor = 0,
        /** Before the provider's fee. */
        public int $profitMinor = 0,
    ) {}

    public function and(self $more): self
    {
        return new self($this->productId, $this->pieces + $more->pieces, $this->valueMinor + $more->valueMinor, $this->profitMinor + $more->profitMinor);
    }
}
