<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;

/**
 * A fingerprint of a bill: goods, quantities, prices, discount, shipping, tax, total. The page shows a bill and sends its
 * digest along; if the bill has changed by the time the shopper pays, the digests differ and nothing is paid.
 */
final class CartDigest
{
    /** @return string 64 hexadecimal digits (SHA-256, FIPS 180-4) */
    public static function of(Receipt $receipt): string
    {
        $facts = [
            $receipt->shop->currency->code,
            array_map(static fn (ReceiptLine $line): array => [
                $line->pick->sku()->text, $line->pick->name(), $line->pick->quantity->pieces, $line->unit->today->minor, $line->discount->minor, $line->tax->minor,
            ], $receipt->lines),
            $receipt->discount->coupon?->code,
            $receipt->shipping->fee->minor,
            $receipt->tax->minor,
            $receipt->total->minor,
            $receipt->dueNow->minor,
        ];

        return hash('sha256', json_encode($facts, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }
}
