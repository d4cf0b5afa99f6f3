<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use PaperKite\Offer\Onwards;
use PaperKite\Shopfront\ShelfDensity;

/**
 * Several products, or a category, in one place.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property ShelfDensity $density
 * @property Onwards $onwards what follows adding: staying, or the mini cart
 * @property int|null $category_id `null`: what was picked
 * @property CarbonImmutable|null $deleted_at
 * @property Category|null $category
 * @property Collection<int, Product> $picked
 * @property Collection<int, DisplayPlacement> $places
 */
final class Shelf extends Model
{
    use CanBeDeleted;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['deleted_at' => 'immutable_datetime', 'density' => ShelfDensity::class, 'onwards' => Onwards::class];
    }

    /** @return BelongsTo<Category, $this> */
    public function category(): BelongsTo
    {
        return $this->belongsTo(Category::class);
    }

    /** @return BelongsToMany<Product, $this> in order */
    public function picked(): BelongsToMany
    {
        return $this->belongsToMany(Product::class, 'shelf_goods')->withPivot('position')->orderByPivot('position');
    }

    /** @return HasMany<DisplayPlacement, $this> */
    public function places(): HasMany
    {
        return $this->hasMany(DisplayPlacement::class)->orderBy('id');
    }

    /** @return Builder<Product> what of it shoppers may see, in order */
    public function goods(Shop $shop): Builder
    {
        $goods = Product::forSale($shop);
        if ($this->category_id === null) {
            $goods->select('products.*')->join('shelf_goods', 'shelf_goods.product_id', '=', 'products.id')->where('shelf_goods.shelf_id', $this->id)->orderBy('shelf_goods.position');
        } else {
            $goods->whereHas('categories', fn (Builder $in) => $in->whereKey($this->category_id))->orderBy('name')->orderBy('id');
        }

        return $goods;
    }
}
