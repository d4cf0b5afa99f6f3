<?php

declare(strict_types=1);

namespace App\Models;

/** What makes two picks one line of a cart, as the generated column `cart_lines.pick_key` has it. */
final class PickKey
{
    /** @param  int|null  $amountMinor  what the shopper gives for one */
    public static function of(int $productId, ?int $variantId, string $terms, ?int $amountMinor): string
    {
        return rtrim(sprintf('%d %d %s %s', $productId, $variantId ?? 0, $terms, $amountMinor ?? ''));
    }
}
