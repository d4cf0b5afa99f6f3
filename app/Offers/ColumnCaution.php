<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use PaperKite\Offer\OfferState;

/** Why a button in a price table sells nothing, however it looks. */
final class ColumnCaution
{
    /** @return string blank where it sells */
    public static function of(Offer $offer): string
    {
        return match ($offer->state) {
            OfferState::Live => '',
            OfferState::Draft => 'This offer is a draft: its button sells nothing until it is published.',
            OfferState::Paused => 'This offer is paused: its button leads to a page that says so.',
            OfferState::Archived => 'This offer is archived: its button leads to a page that says that it is not available. Remove the column, or bring the offer back.',
        };
    }
}
