<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Money\Money;

/** The one calculation behind cart, checkout, proof and order: what these lines cost in this shop. */
final class Quote
{
    /** @param  list<CartLine>  $cart */
    public static function of(array $cart, ShopRules $rules): Receipt
    {
        $items = Money::zero($rules->currency);
        $lines = [];
        foreach ($cart as $line) {
            $subtotal = $line->product->price->multipliedBy($line->quantity->pieces);
            $items = $items->plus($subtotal);
            $lines[] = new ReceiptLine($line->product, $line->quantity->pieces, $line->product->price, $subtotal);
        }
        $shipping = $lines === [] ? Money::zero($rules->currency) : $rules->shippingFee;

        return new Receipt($lines, $items, $shipping, $items->plus($shipping), self::because($lines, $shipping));
    }

    /** @param  list<ReceiptLine>  $lines */
    private static function because(array $lines, Money $shipping): string
    {
        return match (true) {
            $lines === [] => 'Nothing is in the cart, so nothing ships.',
            $shipping->isZero() => 'This shop ships every order free.',
            default => "Every order ships for {$shipping->shown()}, however much is in it.",
        };
    }
}
