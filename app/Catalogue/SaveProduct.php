<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\Category;
use App\Models\Product;
use App\Models\Shop;
use App\Offers\RecheckCopies;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use PaperKite\Catalogue\Entry\EnteredProduct;
use PaperKite\Catalogue\Entry\EnteredTrait;
use PaperKite\Time\Moment;

/** Writes a product as its form says, with its variants, pictures, categories and add-ons, or nothing of it. */
final readonly class SaveProduct
{
    public function __construct(
        private SaveVariants $saveVariants,
        private SavePictures $savePictures,
        private RecheckCopies $recheck,
    ) {}

    /**
     * @param  Product|null  $product  the one that is changed; `null` for a new one
     */
    public function __invoke(Shop $shop, ?Product $product, EnteredProduct $entered, ProductExtras $extras): Product
    {
        return DB::transaction(function () use ($shop, $product, $entered, $extras): Product {
            // Products and variants share one set of SKUs: whoever saves one waits for whoever saves another.
            Shop::query()->whereKey($shop->id)->lockForUpdate()->firstOrFail();
            $taken = TakenSkus::of($shop, $product, $entered);
            if ($taken !== []) {
                throw ValidationException::withMessages($taken);
            }
            $saved = $this->written($shop, $product, $this->attributes($entered, $extras, $shop), $extras);
            ($this->savePictures)($saved, $extras->pictures);
            ($this->saveVariants)($saved, $entered->variants, $extras->stockSeen);
            $this->saveCategories($shop, $saved, $entered->categories);
            $this->saveAddOns($shop, $saved, $extras->addOns);

            $this->recheck->ofProduct($saved->refresh(), $shop);

            return $saved;
        });
    }

    /** @param  array<string, mixed>  $attributes */
    private function written(Shop $shop, ?Product $product, array $attributes, ProductExtras $extras): Product
    {
        if ($product === null) {
            return $shop->products()->create($attributes);
        }
        $locked = Product::query()->whereKey($product->id)->lockForUpdate()->firstOrFail();
        $locked->update($this->withoutUntouchedStock($attributes, $extras));

        return $locked;
    }

    /** @return array<string, mixed> */
    private function attributes(EnteredProduct $entered, ProductExtras $extras, Shop $shop): array
    {
        $sale = $entered->price->sale;

        return [
            'name' => $entered->name,
            'sku' => $entered->sku->text,
            'is_draft' => $extras->isDraft,
            'summary' => $extras->summary,
            'description' => $extras->description,
            'currency' => $shop->currency,
            'price_minor' => $entered->price->regular->minor,
            'sale_minor' => $sale?->price->minor,
            'sale_from' => $this->date($sale?->from),
            'sale_until' => $this->date($sale?->until),
            'cost_minor' => $entered->cost?->minor,
            'tax_class' => $entered->taxClass,
            'weight' => $entered->weight?->text,
            'weight_unit' => $entered->weight->unit->value ?? 'g',
            'weight_g' => $entered->weight->grams ?? 0,
            'shipping_first_minor' => $entered->shipping?->first->minor,
            'shipping_more_minor' => $entered->shipping?->more->minor,
            'picture' => $entered->picture,
            'stock' => $entered->stock,
            'allows_back_order' => $entered->allowsBackOrder,
            'low_stock' => $entered->lowStock,
            'options' => $entered->options,
            'has_variants' => $entered->variants !== [],
            'buttons' => $extras->buttons === [] ? null : $extras->buttons,
            'traits' => $entered->traits === [] ? null : array_map(static fn (EnteredTrait $trait): array => ['name' => $trait->name, 'values' => $trait->values], $entered->traits),
        ];
    }

    /**
     * What was sold while the form was open stays sold: a number that the seller did not touch is not written.
     *
     * @param  array<string, mixed>  $attributes
     * @return array<string, mixed>
     */
    private function withoutUntouchedStock(array $attributes, ProductExtras $extras): array
    {
        return $attributes['stock'] !== null && $attributes['stock'] === ($extras->stockSeen[''] ?? null)
            ? array_diff_key($attributes, ['stock' => true])
            : $attributes;
    }

    private function date(?Moment $moment): ?\DateTimeInterface
    {
        return $moment === null ? null : now()->setTimestamp($moment->seconds);
    }

    /** @param  list<string>  $names */
    private function saveCategories(Shop $shop, Product $product, array $names): void
    {
        $ids = array_map(static fn (string $name): int => $shop->categories()->firstOrCreate(['name' => $name])->id, $names);
        $product->categories()->syncWithPivotValues($ids, ['shop_id' => $shop->id]);
        Category::query()->where('shop_id', $shop->id)->whereDoesntHave('products')->delete();
    }

    /** @param  list<int>  $ids */
    private function saveAddOns(Shop $shop, Product $product, array $ids): void
    {
        $mine = $shop->products()->whereKey($ids)->whereKeyNot($product->id)->get(['id'])->modelKeys();
        $kept = array_filter(array_unique($ids), static fn (int $id): bool => in_array($id, $mine, true));
        $rows = [];
        foreach (array_slice($kept, 0, ProductExtras::MOST_ADD_ONS) as $id) {
            $rows[$id] = ['shop_id' => $shop->id, 'position' => count($rows) + 1];
        }
        $product->addOns()->detach();
        $product->addOns()->attach($rows);
    }
}
