<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/** A thing that is out of sight while it is deleted, unless it is asked for. */
trait CanBeDeleted
{
    use SoftDeletes;

    /** @return Builder<static> those that are deleted among them */
    public static function withDeleted(): Builder
    {
        return static::query()->withoutGlobalScope(SoftDeletingScope::class);
    }
}
