<?php

declare(strict_types=1);

namespace App\Results;

/** A line of a cart or an order, with what it is credited to. */
final readonly class LineOfEvent
{
    public function __construct(
        public ?int $placementId,
        /** Of what was clicked, where the placement shows several; `null`: as the placement has it. */
        public ?int $offerId,
        public ?int $labelId,
        public EventGoods $goods,
    ) {}
}
