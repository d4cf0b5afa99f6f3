<?php

declare(strict_types=1);

namespace PaperKite\Offer;

/** Where the click leads, named by the steps that remain until payment. */
enum Destination: string
{
    case Pay = 'pay';
    case Cart = 'cart';
    case Choose = 'choose';

    /** As the slot of the sentence reads, after "go". */
    public function words(): string
    {
        return match ($this) {
            self::Pay => 'straight to paying',
            self::Cart => 'to the cart',
            self::Choose => 'to its page, to choose how many',
        };
    }

    /** The caption of an offer that names none of its own. */
    public function caption(): string
    {
        return match ($this) {
            self::Pay => 'Buy now',
            self::Cart => 'Add to cart',
            self::Choose => 'Have a look',
        };
    }

    /** @return list<string> what the shopper meets between the click and the payment page, in order */
    public function pagesToPayment(): array
    {
        return match ($this) {
            self::Pay => ['checkout'],
            self::Cart => ['cart', 'checkout'],
            self::Choose => ['product page', 'cart', 'checkout'],
        };
    }

    public function addsAtOnce(): bool
    {
        return $this !== self::Choose;
    }
}
