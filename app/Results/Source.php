<?php

declare(strict_types=1);

namespace App\Results;

use App\Models\DisplayPlacement;
use App\Models\Placement;

/** From where a shopper came: what the result is credited to. */
final readonly class Source
{
    private function __construct(
        public ?int $offerId,
        public ?int $placementId,
        public ?int $labelId,
        private bool $isInDisplay = false,
    ) {}

    /**
     * @param  Placement|null  $placement  that led here; one that was clicked in a display counts for the display and its own offer
     * @param  int|null  $labelId  of the open link that led here, as `Labels` knows it
     */
    public static function of(?Placement $placement, ?int $labelId = null): self
    {
        if ($placement?->item !== null && $placement->within !== null) {
            return self::ofDisplay($placement->within);
        }

        return $placement?->within === null ? new self($placement?->offer_id, $placement?->id, $labelId) : new self($placement->offer_id, $placement->within->id, $labelId, true);
    }

    /** Of a display as a whole. */
    public static function ofDisplay(DisplayPlacement $display): self
    {
        return new self(null, $display->id, null, true);
    }

    /** @param  int|null  $labelId  of the open link that led here, too */
    public function underLabel(?int $labelId): self
    {
        return new self($this->offerId, $this->placementId, $labelId, $this->isInDisplay);
    }

    /** @return int|null the offer that was clicked, where the placement shows several; `null` where the placement tells it */
    public function offerInDisplay(): ?int
    {
        return $this->isInDisplay ? $this->offerId : null;
    }

    /** @param  int|null  $offerId  `null` where the placement has none */
    public static function kept(?int $offerId, ?int $placementId, ?int $labelId): self
    {
        return new self($offerId, $placementId, $labelId);
    }
}
