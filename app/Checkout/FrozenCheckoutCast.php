<?php

declare(strict_types=1);

namespace App\Checkout;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use PaperKite\Checkout\ShopperDetails;

/**
 * A frozen checkout as JSON in one column.
 *
 * @implements CastsAttributes<FrozenCheckout, FrozenCheckout>
 */
final class FrozenCheckoutCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): FrozenCheckout
    {
        /** @var array{lines: list<array{productId: int, variantId: int|null, placementId: int|null, sku: string, name: string, choices: string, picture: string, quantity: int, unitMinor: int, subtotalMinor: int, discountMinor: int, taxMinor: int, because: string}>, shopper: array<string, string>, itemsMinor: int, discountMinor: int, shippingMinor: int, taxMinor: int, taxIsContained: bool, profitMinor: int, couponId: int|null, couponCode: string|null, reasons: array<string, string>} $kept */
        $kept = json_decode(is_string($value) ? $value : '', true, flags: JSON_THROW_ON_ERROR);

        return new FrozenCheckout(...[
            'lines' => array_map(static fn (array $line): FrozenLine => new FrozenLine(...$line), $kept['lines']),
            'shopper' => new ShopperDetails(...$kept['shopper']),
        ] + $kept);
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
