<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Models\Joined;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/** @implements CastsAttributes<Joined|null, Joined|null> */
final class JoinedCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Joined
    {
        $kept = is_string($value) ? json_decode($value, true) : null;
        if (! is_array($kept)) {
            return null;
        }
        $pieces = array_filter((array) ($kept['pieces'] ?? []), static fn (mixed $count, mixed $key): bool => is_int($count) && is_string($key), ARRAY_FILTER_USE_BOTH);

        return new Joined(is_string($kept['page'] ?? null) ? $kept['page'] : '', $pieces);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof Joined ? json_encode(['page' => $value->page, 'pieces' => $value->pieces], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) : null;
    }
}
