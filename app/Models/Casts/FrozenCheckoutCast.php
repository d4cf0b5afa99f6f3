<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Models\FrozenCheckout;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;

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
        return FrozenCheckoutCodec::decode(is_string($value) ? $value : '');
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return FrozenCheckoutCodec::encode($value instanceof FrozenCheckout ? $value : throw new InvalidArgumentException('A payment keeps a FrozenCheckout.'));
    }
}
