<?php

declare(strict_types=1);

namespace App\Http\Shopper\Offers;

use App\Models\DisplayPlacement;
use App\Models\Placement;
use App\Shopfront\ColumnView;
use App\Shopfront\OfferPrice;
use PaperKite\Offer\ButtonState;
use PaperKite\Time\Moment;

/** A column of a price table on the table's page. */
final readonly class ShownColumn
{
    private function __construct(
        public ColumnView $says,
        /** Blank where the shopper says how much, or a partner asks it. */
        public string $price,
        /** Without the sale; blank: none is on. */
        public string $regular,
        public string $caption,
        /** Where its button leads; blank: it can't be had now. */
        public string $address,
        public bool $isStressed,
    ) {}

    /** @param  Placement  $column  with its offer and the offer's goods */
    public static function of(Placement $column, DisplayPlacement $display, Moment $at): self
    {
        $shop = $display->shop;
        $offer = $column->offer;
        $state = $column->state($offer);
        $price = OfferPrice::of($offer, $at);

        return new self(
            ColumnView::of($column, $shop, $at),
            $price?->shown($shop->wording()) ?? '',
            $price?->regular?->shown() ?? '',
            $column->word($state, $offer, $shop),
            $state === ButtonState::Idle ? $column->clickedIn($display)->address($shop) : '',
            $column->is_stressed === true,
        );
    }
}
