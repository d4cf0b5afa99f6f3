<?php

declare(strict_types=1);

namespace App\Catalogue;

use PaperKite\Edit\Fields;

/**
 * The stock in a product's form, as it is sent. Orders change it, too: a number that the seller did not touch is the one
 * that they were shown, and says nothing of what they want.
 */
final class StockInForm
{
    /**
     * What the seller has changed: where they left a number alone, it is what their version of the form says.
     *
     * @param  array<mixed>  $sent
     * @param  array<mixed>  $base  what they began with
     * @return array<mixed>
     */
    public static function touched(array $sent, array $base): array
    {
        $known = [];
        foreach ((array) ($base['variants'] ?? []) as $variant) {
            $known[self::keyOf($variant)] = $variant;
        }
        $touched = self::row($sent, $base);
        $variants = (array) ($sent['variants'] ?? []);
        $touched['variants'] = array_map(static fn (mixed $variant): array => self::row((array) $variant, (array) ($known[self::keyOf($variant)] ?? [])), $variants);

        return $touched;
    }

    /**
     * The joined form as it can be saved: what comes from others is not written, since it stands there already.
     *
     * @param  array<mixed>  $joined
     * @param  array<mixed>  $sent
     * @param  array<mixed>  $base
     * @return array<mixed>
     */
    public static function saved(array $joined, array $sent, array $base): array
    {
        $isMine = Fields::areSame($joined['variants'] ?? [], self::touched($sent, $base)['variants']);
        $variants = $isMine ? ($sent['variants'] ?? []) : array_map(static fn (mixed $variant): array => self::untouched((array) $variant), (array) ($joined['variants'] ?? []));
        $isTouched = ! self::isUntouched($sent);

        return ['variants' => $variants] + ($isTouched ? ['stock' => $sent['stock'] ?? '', 'stock_seen' => $sent['stock_seen'] ?? null] + $joined : self::untouched($joined));
    }

    /**
     * @param  array<mixed>  $sent
     * @param  array<mixed>  $base
     * @return array<mixed>
     */
    private static function row(array $sent, array $base): array
    {
        $seen = ['stock_seen' => $base['stock_seen'] ?? null];

        return (self::isUntouched($sent) && isset($base['stock']) ? ['stock' => $base['stock']] : []) + $seen + $sent;
    }

    /**
     * @param  array<mixed>  $row
     * @return array<mixed>
     */
    private static function untouched(array $row): array
    {
        $stock = $row['stock'] ?? '';

        return ['stock_seen' => is_numeric($stock) ? (int) $stock : null] + $row;
    }

    /** @param  array<mixed>  $row */
    private static function isUntouched(array $row): bool
    {
        $seen = $row['stock_seen'] ?? null;

        return ($row['stock'] ?? '') === (is_int($seen) ? (string) $seen : '');
    }

    private static function keyOf(mixed $variant): string
    {
        return json_encode(((array) $variant)['choices'] ?? [], JSON_THROW_ON_ERROR);
    }
}
