<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\OfferLine;
use App\Models\Placement;
use App\Shopfront\PriceTag;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Opening;
use PaperKite\Time\Moment;

/** How much a widget shows, what its button can do now, and what a click opens. */
final readonly class WidgetShape
{
    private function __construct(
        public ButtonState $state,
        public WidgetForm $form,
        public WidgetClick $click,
        /** Whether a click opens a pop-over with all about it first. */
        public bool $popsUp,
        /** Whether what is still to be said is asked beside the button. */
        public bool $asks,
        public bool $tellsPrice,
        /** Whether all about its goods is told, whatever its form. */
        public bool $isWhole,
    ) {}

    /** @param  Placement  $placement  with its offer, the offer's goods and their variants */
    public static function of(Placement $placement, Moment $at, bool $isWhole): self
    {
        $offer = $placement->offer;
        $state = self::state($placement, $at);
        $click = WidgetClick::of($offer, $state);
        $form = match (true) {
            $isWhole => WidgetForm::Story,
            $placement->within === null, $placement->item !== null => $placement->form,
            // A price table says by itself what stands beside the buttons of its columns.
            default => WidgetForm::Button,
        };
        // What is still to be said of an item of a shelf is said where all about it stands.
        $opens = $placement->item === null ? $offer->opening === Opening::PopOver : $placement->item->leavesAChoice();
        $popsUp = $opens && $form !== WidgetForm::Story && $state === ButtonState::Idle && $offer->lines->isNotEmpty();

        return new self($state, $form, $click, $popsUp, $click !== WidgetClick::Follow && ! $popsUp, $form !== WidgetForm::Button || $placement->within !== null, $isWhole);
    }

    /** Of what leaves the variant open, it says so where none of them is left. */
    private static function state(Placement $placement, Moment $at): ButtonState
    {
        $state = $placement->state($placement->offer);
        $isGone = $state === ButtonState::Idle && $placement->offer->lines->contains(static fn (OfferLine $line): bool => $line->leavesVariantOpen() && PriceTag::of($line->product, $at)->isSoldOut);

        return $isGone ? ButtonState::SoldOut : $state;
    }
}
