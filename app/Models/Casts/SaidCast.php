<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use PaperKite\Words\KeptWords;
use PaperKite\Words\Said;

/**
 * Something said to a shopper as JSON in one column; `null` where nothing was.
 *
 * @implements CastsAttributes<Said|null, Said|null>
 */
final class SaidCast implements CastsAttributes
{
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Said
    {
        return is_string($value) ? KeptWords::read(json_decode($value, true)) : null;
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            $value === null => null,
            $value instanceof Said => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            default => throw new InvalidArgumentException('What was said is a Said.'),
        };
    }
}
