<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\GiftCard;
use PaperKite\Catalogue\Availability;
use PaperKite\Catalogue\Pick;

/** What is in a cart, wherever it is kept: what its pages are made of, without a request and without writing. */
final readonly class CartContents
{
    /**
     * @param  list<ContentLine>  $lines
     * @param  list<HeldCard>  $cards  gift cards that are to pay, in the order of their use
     */
    public function __construct(
        public array $lines,
        /** As it was asked for; `null` where none was. */
        public ?string $couponCode,
        public array $cards = [],
    ) {}

    public static function of(Cart $cart): self
    {
        return new self(array_values($cart->lines->map(static fn (CartLine $line): ContentLine => ContentLine::of($line))->all()), $cart->coupon_code, self::cards($cart));
    }

    /** @return list<HeldCard> those that can pay still */
    private static function cards(Cart $cart): array
    {
        $alive = $cart->giftCards->filter(static fn (GiftCard $card): bool => $card->state()->isAlive() && $card->currency === $cart->shop->currency);

        return array_values($alive->map(HeldCard::of(...))->all());
    }

    /** Whether all of it can be had as it stands. */
    public function areForSale(): bool
    {
        return array_filter($this->picks(), static fn (Pick $pick): bool => $pick->availability() !== Availability::ForSale) === [];
    }

    /** @return list<Pick> */
    public function picks(): array
    {
        return array_map(static fn (ContentLine $line): Pick => $line->pick, $this->lines);
    }
}
