<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Cart;
use App\Models\Shop;
use PaperKite\Shopfront\AfterAdding;

/** What follows for a shopper who has put something into the cart from the shop's own pages. */
final readonly class AfterAddingTo
{
    private function __construct(
        /** Where they go; `null` where they stay. */
        public ?string $address,
        /** What they read who stay; blank for nothing. */
        public string $notice,
        /** Where the notice leads. */
        public string $noticeAddress,
        public string $noticeWords,
    ) {}

    public static function of(Shop $shop, Cart $cart, string $name): self
    {
        $rules = $shop->shopfront;

        return new self(
            $rules->afterAdding === AfterAdding::Stay ? null : self::addressOf($rules->afterAdding, $shop, $cart),
            $rules->hasNotice ? $shop->wording()->say('list.in_cart', name: $name) : '',
            self::addressOf($rules->noticeLeads, $shop, $cart),
            match ($rules->noticeLeads) {
                AfterAdding::Checkout => $shop->wording()->say('cart.to_checkout'),
                AfterAdding::Address => $shop->wording()->say('list.go_on'),
                default => $shop->wording()->say('list.see_cart'),
            },
        );
    }

    private static function addressOf(AfterAdding $where, Shop $shop, Cart $cart): string
    {
        $address = $shop->shopfront->address;

        return match (true) {
            $where === AfterAdding::Checkout => $shop->checkoutPath($cart->ref),
            // A host that is no longer listed leads nobody anywhere.
            $where === AfterAdding::Address && $address !== null && $shop->checkout_rules->allows($address) => $address,
            default => '/cart',
        };
    }
}
