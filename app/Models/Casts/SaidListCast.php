<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PaperKite\Words\KeptWords;
use PaperKite\Words\Said;

/**
 * What was said of several amounts as JSON in one column, by the amount; a former release kept whole sentences.
 *
 * @implements CastsAttributes<array<string, Said>, array<string, Said>>
 */
final class SaidListCast implements CastsAttributes
{
    public bool $withoutObjectCaching = true;

    /**
     * @param  array<string, mixed>  $attributes
     * @return array<string, Said>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return self::read(is_string($value) ? json_decode($value, true) : null);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode((object) $value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, Said> those that can be read, by name */
    public static function read(mixed $kept): array
    {
        $said = [];
        foreach (is_array($kept) ? $kept : [] as $name => $each) {
            $read = KeptWords::read($each);
            if ($read !== null) {
                $said[(string) $name] = $read;
            }
        }

        return $said;
    }
}
