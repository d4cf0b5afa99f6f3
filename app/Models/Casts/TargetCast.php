<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use LogicException;
use PaperKite\Partner\Item;
use PaperKite\Partner\OtherPage;
use PaperKite\Partner\Search;
use PaperKite\Partner\Target;

/**
 * What is looked for at a marketplace, as JSON in one column and its kind in another.
 *
 * @implements CastsAttributes<Target, Target>
 */
final class TargetCast implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Target
    {
        $kept = json_decode(is_string($value) ? $value : '', true, flags: JSON_THROW_ON_ERROR);
        $kept = is_array($kept) ? $kept : [];
        $reference = self::texts($kept['reference'] ?? []);

        return match ($attributes['kind'] ?? null) {
            'item' => new Item($reference === [] ? throw new LogicException('An item has a reference.') : $reference, self::texts($kept['kept'] ?? [])),
            'search' => Search::for(self::text($kept['searched'] ?? null)),
            default => new OtherPage(self::text($kept['path'] ?? null), self::texts($kept['kept'] ?? [])),
        };
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @return array<string, string>
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): array
    {
        return $value instanceof Target ? ['kind' => $value->kind(), $key => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)] : throw new LogicException('An address leads to a target.');
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    /** @return array<string, string> */
    private static function texts(mixed $values): array
    {
        $texts = [];
        foreach ((array) $values as $name => $value) {
            $texts[(string) $name] = is_string($value) ? $value : '';
        }

        return $texts;
    }
}
