<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Embed\WidgetClick;
use App\Models\Offer;
use App\Models\OfferLine;
use PaperKite\Medium\Medium;
use PaperKite\Medium\Widget;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Onwards;
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
        $isWidget = $medium instanceof Widget;
        $click = $isWidget ? WidgetClick::of($offer, ButtonState::Idle) : WidgetClick::Follow;

        return match (true) {
            ! $isWidget => self::onPages($offer),
            $offer->opening === Opening::PopOver && $offer->lines->isNotEmpty() => 'Here a pop-over opens on the page, with pictures, text and what is still to be said.',
            $click === WidgetClick::MiniCart => $offer->lines->isEmpty() ? 'Here the mini cart slides out on the page.' : 'Here it goes into a cart of the page, which slides out there.',
            $click === WidgetClick::Follow => '',
            $click === WidgetClick::Stay => 'Here they stay on the page. What they add is kept in a cart there, and they go on to the shop from it.',
            self::asks($offer) => 'Here the widget asks what is still to be said; the page of the offer is left out.',
            default => '',
        };
    }

    /** Where no widget stands, pages of the shop do what it would do. */
    private static function onPages(Offer $offer): string
    {
        return match (true) {
            $offer->opening === Opening::PopOver && $offer->lines->isNotEmpty() => 'Here the offer’s own page opens: only a widget can open a pop-over.',
            $offer->destination === Onwards::MiniCart => 'Here the cart’s own page opens: only a widget can open the mini cart.',
            default => '',
        };
    }

    private static function asks(Offer $offer): bool
    {
        return $offer->ask() !== null || $offer->lines->contains(static fn (OfferLine $line): bool => $line->leavesAChoice());
    }
}
