<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $name
 */
final class Category extends Model
{
    public $timestamps = false;

    /** @return BelongsToMany<Product, $this> */
    public function products(): BelongsToMany
    {
        return $this->belongsToMany(Product::class);
    }

    /** @return HasMany<Shelf, $this> that show all that is in it; those too that were deleted, since they can be taken back */
    public function shelves(): HasMany
    {
        $shelves = $this->hasMany(Shelf::class);
        $shelves->withoutGlobalScope(SoftDeletingScope::class);

        return $shelves;
    }
}
