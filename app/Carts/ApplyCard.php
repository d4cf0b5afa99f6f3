<?php

declare(strict_types=1);

namespace App\Carts;

use App\GiftCards\FindCard;
use App\GiftCards\TooManyTries;
use App\Models\Cart;
use App\Models\Shop;
use App\Time\Clock;

/** Has a gift card pay for a cart, or not any more. */
final readonly class ApplyCard
{
    private const MOST = 10;

    public function __construct(
        private FindCard $find,
        private Clock $clock,
    ) {}

    /**
     * @param  string  $typed  as the form sent it
     * @return string|null what is wrong with the code, in a sentence
     */
    public function __invoke(Shop $shop, Cart $cart, string $typed, Caller $caller): ?string
    {
        if (trim($typed) === '') {
            return null;
        }
        try {
            $card = ($this->find)($shop, $typed, $cart->visitor, $caller->address);
        } catch (TooManyTries) {
            return $shop->wording()->say('refused.codes');
        }
        if ($card === null || $cart->giftCards()->count() >= self::MOST) {
            return $shop->wording()->say('refused.gift_card');
        }
        $cart->giftCards()->syncWithoutDetaching([$card->id]);
        $cart->unsetRelation('giftCards')->update(['second_step_at' => $this->clock->now()]);

        return null;
    }

    public function remove(Cart $cart, int $card): void
    {
        $cart->giftCards()->detach($card);
        $cart->unsetRelation('giftCards');
    }
}
