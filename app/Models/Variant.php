<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\ProductPart;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Variant as CatalogueVariant;
use PaperKite\Money\Money;

/**
 * @property int $id
 * @property int $shop_id
 * @property int $product_id
 * @property int $position
 * @property string $sku
 * @property list<string> $choices
 * @property int|null $price_minor
 * @property int|null $sale_minor
 * @property CarbonImmutable|null $sale_from
 * @property CarbonImmutable|null $sale_until
 * @property int|null $cost_minor
 * @property int|null $weight_g
 * @property int|null $stock
 * @property int|null $picture_id
 * @property bool|null $is_preselected
 * @property Product $product
 * @property Picture|null $picture
 */
final class Variant extends Model
{
    use HasEvent;
    use HasSale;

    public $timestamps = false;

    protected static function booted(): void
    {
        self::saved(static function (self $variant): void {
            if ($variant->wasRecentlyCreated || $variant->wasChanged('sku')) {
                app(NameGoods::class)->variant($variant);
            }
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['choices' => 'array', 'sale_from' => 'immutable_datetime', 'sale_until' => 'immutable_datetime', 'is_preselected' => 'boolean'];
    }

    /** @return Builder<self> of what the shop’s shoppers may see and buy */
    public static function forSale(Shop $shop): Builder
    {
        return self::query()->where('shop_id', $shop->id)->whereHas('product', fn (Builder $product) => $product->where('is_draft', false))->with('product');
    }

    public function money(int $minor): Money
    {
        return $this->product->money($minor);
    }

    public function toCore(Product $product): CatalogueVariant
    {
        $this->setRelation('product', $product);

        return new CatalogueVariant(
            Sku::of($this->sku),
            $this->choices,
            $this->price_minor === null ? null : new Price($product->money($this->price_minor), $this->sale()),
            $this->cost_minor === null ? null : $product->money($this->cost_minor),
            $this->weight_g,
            $product->stockFor($this),
            $product->kind->has(ProductPart::Dates) ? $this->ownEvent() : null,
        );
    }

    /** @return BelongsTo<Product, $this> */
    public function product(): BelongsTo
    {
        // What was deleted since is still what it was.
        $product = $this->belongsTo(Product::class);
        $product->withoutGlobalScope(SoftDeletingScope::class);

        return $product;
    }

    /** @return BelongsTo<Picture, $this> */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }
}
