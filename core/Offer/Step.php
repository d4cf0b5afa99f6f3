<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** A page that a shopper meets between the click and the payment. */
enum Step: string
{
    case Offer = 'offer';
    case Product = 'product';
    case Cart = 'cart';
    case Checkout = 'checkout';

    public function words(): string
    {
        return match ($this) {
            self::Offer => 'page of the offer',
            self::Product => 'product page',
            self::Cart => 'cart',
            self::Checkout => 'checkout',
        };
    }
}
