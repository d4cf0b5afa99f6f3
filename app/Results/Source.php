<?php

declare(strict_types=1);

namespace App\Results;

use App\Models\Placement;

/** From where a shopper came: what the result is credited to. */
final readonly class Source
{
    private function __construct(
        public ?int $offerId,
        public ?int $placementId,
        public ?int $labelId,
    ) {}

    /**
     * @param  Placement|null  $placement  that led here
     * @param  int|null  $labelId  of the open link that led here, as `Labels` knows it
     */
    public static function of(?Placement $placement, ?int $labelId = null): self
    {
        return new self($placement?->offer_id, $placement?->id, $labelId);
    }

    /** @param  int|null  $offerId  `null` where the placement has none */
    public static function kept(?int $offerId, ?int $placementId, ?int $labelId): self
    {
        return new self($offerId, $placementId, $labelId);
    }
}
