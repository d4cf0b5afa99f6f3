<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PaperKite\Offer\ShopWords;
use PaperKite\Offer\StateWords;

/**
 * What a shop says on its buttons as JSON in one column; null where it says nothing.
 *
 * @implements CastsAttributes<ShopWords, ShopWords>
 */
final class ShopWordsCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ShopWords
    {
        /** @var array<string, string> $words */
        $words = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : [];

        return new ShopWords(StateWords::of($words), $words['adding'] ?? null, $words['buying'] ?? null);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        $words = $value instanceof ShopWords ? $value->states->all() + array_filter(['adding' => $value->adding, 'buying' => $value->buying], is_string(...)) : [];

        return $words === [] ? null : json_encode($words, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
