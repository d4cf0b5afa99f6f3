<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;

/**
 * A fingerprint of a bill: goods, quantities, prices, total. The page shows a bill and sends its digest along; if the
 * bill has changed by the time the shopper pays, the digests differ and nothing is paid.
 */
final class CartDigest
{
    /** @return string 64 hexadecimal digits (SHA-256, FIPS 180-4) */
    public static function of(Receipt $receipt): string
    {
        $facts = [
            $receipt->total->currency->code,
            array_map(static fn (ReceiptLine $line): array => [
                $line->product->sku->text, $line->product->name, $line->quantity, $line->unit->minor,
            ], $receipt->lines),
            $receipt->shipping->minor,
            $receipt->total->minor,
        ];

        return hash('sha256', json_encode($facts, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }
}
