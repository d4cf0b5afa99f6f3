<?php

declare(strict_types=1);

namespace App\Checkout;

use App\Models\Cart;
use App\Models\CartLine;
use Illuminate\Contracts\Database\Eloquent\Castable;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Quote\Receipt;

/** The bill and the shopper as they were when the payment was opened: all that an order is written from. */
final readonly class FrozenCheckout implements Castable
{
    /** @param  list<FrozenLine>  $lines */
    public function __construct(
        public array $lines,
        public ShopperDetails $shopper,
        public int $itemsMinor,
        public int $shippingMinor,
        public string $shippingBecause,
    ) {}

    public static function of(Cart $cart, Receipt $receipt, ShopperDetails $shopper): self
    {
        $lines = array_map(
            static fn (CartLine $line, int $i): FrozenLine => new FrozenLine(
                $line->product_id,
                $line->placement_id,
                $receipt->lines[$i]->product->sku->text,
                $receipt->lines[$i]->product->name,
                $receipt->lines[$i]->product->picture,
                $receipt->lines[$i]->quantity,
                $receipt->lines[$i]->unit->minor,
                $receipt->lines[$i]->subtotal->minor,
            ),
            $cart->lines->values()->all(),
            array_keys($receipt->lines),
        );

        return new self($lines, $shopper, $receipt->items->minor, $receipt->shipping->minor, $receipt->shippingBecause);
    }

    /** @param  array<mixed>  $arguments */
    public static function castUsing(array $arguments): FrozenCheckoutCast
    {
        return new FrozenCheckoutCast;
    }
}
