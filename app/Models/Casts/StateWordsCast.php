<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PaperKite\Offer\StateWords;

/**
 * The words of buttons as JSON in one column; null where there are none.
 *
 * @implements CastsAttributes<StateWords, StateWords>
 */
final class StateWordsCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): StateWords
    {
        /** @var array<string, string> $words */
        $words = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : [];

        return StateWords::of($words);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        $words = $value instanceof StateWords ? $value->all() : [];

        return $words === [] ? null : json_encode($words, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
