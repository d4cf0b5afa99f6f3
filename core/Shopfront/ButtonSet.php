<?php

declare(strict_types=1);

namespace PaperKite\Shopfront;

use PaperKite\Offer\Onwards;

/** The buttons that stand beside a product, in their order. */
enum ButtonSet: string
{
    case Cart = 'cart';
    case Buy = 'buy';
    case CartThenBuy = 'cart_buy';
    case BuyThenCart = 'buy_cart';
    case None = 'none';

    public function label(): string
    {
        return match ($this) {
            self::Cart => 'Add to cart',
            self::Buy => 'Buy now',
            self::CartThenBuy => 'Add to cart, then Buy now',
            self::BuyThenCart => 'Buy now, then Add to cart',
            self::None => 'none: the product is looked at first',
        };
    }

    /** @return list<Onwards> what each button does, in order */
    public function destinations(): array
    {
        return match ($this) {
            self::Cart => [Onwards::Cart],
            self::Buy => [Onwards::Pay],
            self::CartThenBuy => [Onwards::Cart, Onwards::Pay],
            self::BuyThenCart => [Onwards::Pay, Onwards::Cart],
            self::None => [],
        };
    }

    /** On its own page a product must be able to be bought. */
    public function isPossibleAt(Surface $surface): bool
    {
        return $this !== self::None || $surface === Surface::List;
    }
}
