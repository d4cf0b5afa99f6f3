<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Where the click leads, named by the steps that remain until payment. */
enum Onwards: string
{
    case Pay = 'pay';
    case Cart = 'cart';
    case MiniCart = 'mini_cart';
    case Stay = 'stay';
    case Choose = 'choose';
    case Page = 'page';

    /** As the slot of the sentence reads, after "go". */
    public function words(): string
    {
        return match ($this) {
            self::Pay => 'straight to paying',
            self::Cart => 'to the cart',
            self::MiniCart => 'to the mini cart on the page',
            self::Stay => 'on browsing, with it in their cart',
            self::Choose => 'to its page, to choose how many',
            self::Page => 'to a page of your own',
        };
    }

    public function note(): string
    {
        return match ($this) {
            self::Pay => 'The checkout is the next page.',
            self::Cart => 'They see what they have, and can keep browsing.',
            self::MiniCart => 'In a widget, the cart slides out on the page where it stands; elsewhere the cart’s own page opens.',
            self::Stay => 'A notice says that it is in the cart; they pay when they are done.',
            self::Choose => 'Nothing is added before they say so.',
            self::Page => 'Nothing is sold; the click is counted and leads on.',
        };
    }

    /** The caption of an offer that names none of its own. */
    public function caption(Purpose $purpose = Purpose::Buy): string
    {
        return match ($purpose) {
            Purpose::Buy => match ($this) {
                self::Pay => 'Buy now',
                self::Cart, self::MiniCart, self::Stay => 'Add to cart',
                self::Choose => 'Have a look',
                self::Page => 'Read more',
            },
            Purpose::Give => match ($this) {
                self::Pay => 'Donate now',
                self::Cart, self::MiniCart, self::Stay => 'Add donation',
                self::Choose => 'Donate',
                self::Page => 'Read more',
            },
            Purpose::SeeCart => $this === self::Pay ? 'Pay for your cart' : 'See your cart',
        };
    }

    /** Whether a click that adds nothing can lead there. */
    public function isPossibleWithoutGoods(): bool
    {
        return in_array($this, [self::Pay, self::Cart, self::MiniCart, self::Page], true);
    }
}
