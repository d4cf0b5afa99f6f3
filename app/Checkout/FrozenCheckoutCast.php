<?php

declare(strict_types=1);

namespace App\Checkout;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use PaperKite\Catalogue\Drawing;
use PaperKite\Checkout\ShopperDetails;

/**
 * A frozen checkout as JSON in one column.
 *
 * @implements CastsAttributes<FrozenCheckout, FrozenCheckout>
 */
final class FrozenCheckoutCast implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): FrozenCheckout
    {
        /** @var array{lines: list<array{productId: int, placementId: int|null, sku: string, name: string, picture: string, quantity: int, unitMinor: int, subtotalMinor: int}>, shopper: array{email: string, name: string, street: string, postcode: string, town: string, country: string}, itemsMinor: int, shippingMinor: int, shippingBecause: string} $kept */
        $kept = json_decode(is_string($value) ? $value : '', true, flags: JSON_THROW_ON_ERROR);

        return new FrozenCheckout(
            array_map(static fn (array $line): FrozenLine => new FrozenLine(...['picture' => Drawing::from($line['picture'])] + $line), $kept['lines']),
            new ShopperDetails(...$kept['shopper']),
            $kept['itemsMinor'],
            $kept['shippingMinor'],
            $kept['shippingBecause'],
        );
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        if (! $value instanceof FrozenCheckout) {
            throw new InvalidArgumentException('A payment keeps a FrozenCheckout.');
        }

        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
