<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Offer;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;

/** What a click on a widget does: its page knows it before anybody clicks. */
enum WidgetClick: string
{
    /** Its link is followed, and the shop does the rest. */
    case Follow = 'follow';

    /** The goods go into the cart of the widgets, and the shopper stays on the page. */
    case Stay = 'stay';

    /** The goods go into a cart, and the shopper goes to it. */
    case Cart = 'cart';

    /** The goods go into the cart of the widgets, which is shown on the page. */
    case MiniCart = 'mini_cart';

    /** The goods go into a cart, and the shopper goes to the checkout. */
    case Pay = 'pay';

    /** Whether the shopper stays where the widget stands. */
    public function staysOnPage(): bool
    {
        return $this === self::Stay || $this === self::MiniCart;
    }

    public static function of(Offer $offer, ButtonState $state): self
    {
        // An address of the seller's own, a page of the offer's own, a product to look at: each begins at the shop.
        $isStraight = $state === ButtonState::Idle && ! $offer->leadsOut() && $offer->opening !== Opening::OwnPage;

        return match (true) {
            ! $isStraight => self::Follow,
            $offer->destination === Onwards::Stay => $offer->landing === null ? self::Stay : self::Follow,
            $offer->destination === Onwards::Cart => self::Cart,
            $offer->destination === Onwards::MiniCart => self::MiniCart,
            // What the pop-over asks was to be chosen on a page.
            $offer->destination === Onwards::Choose && $offer->opening === Opening::PopOver => self::Cart,
            $offer->destination === Onwards::Pay => self::Pay,
            default => self::Follow,
        };
    }
}
