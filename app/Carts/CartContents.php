<?php

declare(strict_types=1);

namespace App\Carts;

use App\Models\Cart;
use App\Models\CartLine;
use PaperKite\Catalogue\Availability;
use PaperKite\Catalogue\Pick;

/** What is in a cart, wherever it is kept: what its pages are made of, without a request and without writing. */
final readonly class CartContents
{
    /** @param  list<ContentLine>  $lines */
    public function __construct(
        public array $lines,
        /** As it was asked for; `null` where none was. */
        public ?string $couponCode,
    ) {}

    public static function of(Cart $cart): self
    {
        return new self(array_values($cart->lines->map(static fn (CartLine $line): ContentLine => ContentLine::of($line))->all()), $cart->coupon_code);
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
