<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\Product as CatalogueProduct;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $sku
 * @property string $name
 * @property int $price_minor
 * @property string $currency
 * @property Drawing $picture
 * @property int|null $stock
 */
final class Product extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['picture' => Drawing::class];
    }

    public function toCore(): CatalogueProduct
    {
        return new CatalogueProduct(
            Sku::of($this->sku),
            $this->name,
            Money::ofMinor($this->price_minor, Currency::of($this->currency)),
            $this->picture,
            $this->stock === null ? Stock::untracked() : Stock::of($this->stock),
        );
    }
}
