<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\FrozenCheckoutCast;
use Illuminate\Contracts\Database\Eloquent\Castable;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Quote\Because;
use PaperKite\Quote\Receipt;

/** The bill and the shopper as they were when the payment was opened: all that an order is written from. */
final readonly class FrozenCheckout implements Castable
{
    /**
     * @param  list<FrozenLine>  $lines
     * @param  array<string, string>  $reasons  why each amount is what it is
     */
    public function __construct(
        public array $lines,
        public ShopperDetails $shopper,
        public int $itemsMinor,
        public int $discountMinor,
        public int $shippingMinor,
        public int $taxMinor,
        public bool $taxIsContained,
        public int $profitMinor,
        public ?int $couponId,
        public ?string $couponCode,
        public array $reasons,
    ) {}

    public static function of(Cart $cart, Receipt $receipt, ShopperDetails $shopper, ?Coupon $coupon): self
    {
        $because = Because::of($receipt);
        $applied = $receipt->discount->coupon !== null && $receipt->discount->refusal === null ? $coupon : null;

        return new self(
            array_map(
                static fn (CartLine $line, int $i): FrozenLine => FrozenLine::of($line, $receipt->lines[$i], $receipt),
                $cart->lines->values()->all(),
                array_keys($receipt->lines),
            ),
            $shopper,
            $receipt->items->minor,
            $receipt->discount->total->minor,
            $receipt->shipping->fee->minor,
            $receipt->tax->minor,
            $receipt->shop->tax->areContained,
            $receipt->profit->minor,
            $applied?->id,
            $applied?->code,
            array_filter(['discount' => $because->discount, 'shipping' => $because->shipping, 'tax' => $because->tax], static fn (?string $sentence): bool => $sentence !== null),
        );
    }

    public function for(ShopperDetails $shopper): self
    {
        return new self($this->lines, $shopper, $this->itemsMinor, $this->discountMinor, $this->shippingMinor, $this->taxMinor, $this->taxIsContained, $this->profitMinor, $this->couponId, $this->couponCode, $this->reasons);
    }

    /** @param  array<mixed>  $arguments */
    public static function castUsing(array $arguments): FrozenCheckoutCast
    {
        return new FrozenCheckoutCast;
    }
}
