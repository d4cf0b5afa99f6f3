<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Embed\WidgetClick;
use App\Models\Offer;
use App\Models\OfferLine;
use PaperKite\Medium\Medium;
use PaperKite\Medium\Widget;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Opening;

/** What a click does in one place, where its medium does it otherwise than the sentence says. */
final class HereWords
{
    /** @return string blank where it is as the sentence says */
    public static function of(Offer $offer, Medium $medium): string
    {
        if ($offer->opening === Opening::NewTab && ! $medium->opensTabs()) {
            return "Here it opens in the same tab: as {$medium->label()} it can’t open a new one.";
        }
        $click = $medium instanceof Widget ? WidgetClick::of($offer, ButtonState::Idle) : WidgetClick::Follow;

        return match (true) {
            $click === WidgetClick::Follow => '',
            $click === WidgetClick::Stay => 'Here they stay on the page. What they add is kept in a cart there, and they go on to the shop from it.',
            self::asks($offer) => 'Here the widget asks what is still to be said; the page of the offer is left out.',
            default => '',
        };
    }

    private static function asks(Offer $offer): bool
    {
        return $offer->ask() !== null || $offer->lines->contains(static fn (OfferLine $line): bool => $line->leavesAChoice());
    }
}
