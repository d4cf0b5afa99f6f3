<?php

declare(strict_types=1);

namespace App\Results;

/** A line of a cart or an order, with what it is credited to. */
final readonly class LineOfEvent
{
    public function __construct(
        public ?int $placementId,
        public ?int $labelId,
        public EventGoods $goods,
    ) {}
}
