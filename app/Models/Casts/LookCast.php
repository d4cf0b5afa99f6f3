<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use PaperKite\Look\Look;

/**
 * A look as JSON in one column.
 *
 * @implements CastsAttributes<Look|null, Look|null>
 */
final class LookCast implements CastsAttributes
{
    /** A cached object is written out again at every reading of any attribute of its model. */
    public bool $withoutObjectCaching = true;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Look
    {
        return is_string($value) ? LookValues::look($value) : null;
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof Look ? LookValues::json($value) : null;
    }
}
