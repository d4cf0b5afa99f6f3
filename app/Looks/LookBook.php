<?php

declare(strict_types=1);

namespace App\Looks;

use App\Models\Look;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use LogicException;
use PaperKite\Look\Look as CoreLook;

/** The looks of a shop. */
final readonly class LookBook
{
    /** @param  non-empty-list<Look>  $looks */
    private function __construct(
        public array $looks,
        private ?int $usualId,
    ) {}

    /** @param  list<Look>  $looks  of the shop */
    public static function of(Shop $shop, array $looks): self
    {
        return new self($looks === [] ? throw new LogicException("The shop {$shop->slug} has no look.") : $looks, $shop->look_id);
    }

    /** The one that was chosen; the shop's own where none was, or where it is another shop's. */
    public function chosen(?int $id): Look
    {
        return $this->find($id) ?? $this->usual();
    }

    /** What a place wears: its own look, else its offer's. */
    public function at(Placement $placement, Offer $offer): Look
    {
        return $this->find($placement->look_id) ?? $this->chosen($offer->look_id);
    }

    /** What a place wears, as wide as it is there. */
    public function worn(Placement $placement, Offer $offer): CoreLook
    {
        $look = $this->at($placement, $offer)->values;

        return $placement->width === null ? $look : $look->withWidth($placement->width, $placement->width_percent ?? $look->widthPercent);
    }

    public function find(?int $id): ?Look
    {
        foreach ($this->looks as $look) {
            if ($look->id === $id) {
                return $look;
            }
        }

        return null;
    }

    /** The one for offers that name none. */
    public function usual(): Look
    {
        return $this->find($this->usualId) ?? $this->looks[0];
    }
}
