<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Changes\Changed;
use App\Changes\ChangedMeanwhile;
use App\Changes\Edited;
use App\Changes\Editing;
use App\Changes\EditKind;
use App\Changes\SaveForm;
use App\Database\InTransaction;
use App\Models\Category;
use App\Models\NameGoods;
use App\Models\Product;
use App\Models\Shop;
use App\Models\TakenSku;
use Illuminate\Validation\ValidationException;
use PaperKite\Catalogue\Entry\EnteredProduct;
use PaperKite\Catalogue\KeptSales;

/** Writes a product as its form says, with its variants, pictures, categories and add-ons, or nothing of it. */
final readonly class SaveProduct
{
    public function __construct(
        private SaveVariants $saveVariants,
        private SavePictures $savePictures,
        private SaveAddresses $saveAddresses,
        private SaveFiles $saveFiles,
        private TakenSkus $takenSkus,
        private NameGoods $name,
        private Changed $changed,
        private SaveForm $saveForm,
        private InTransaction $inTransaction,
    ) {}

    /**
     * @param  Product|null  $product  the one that is changed; `null` for a new one
     *
     * @throws ChangedMeanwhile
     */
    public function __invoke(Shop $shop, ?Product $product, EnteredProduct $entered, ProductExtras $extras, Editing $editing): Product
    {
        try {
            $save = fn (): Product => $this->saved($shop, $product, $entered, $extras);

            return $product === null
                ? ($this->inTransaction)($save)
                : ($this->saveForm)(Edited::thing(EditKind::Product, $shop, $product->id), $editing, static fn (): ProductForm => ProductForm::of(Product::query()->with(ProductForm::FILLED_WITH)->findOrFail($product->id), $shop->zone()), $save);
        } catch (TakenSku $taken) {
            throw ValidationException::withMessages(($this->takenSkus)($shop, $product, $entered) ?: ['sku' => $taken->getMessage()]);
        }
    }

    /** @throws TakenSku where somebody else has just taken it */
    private function saved(Shop $shop, ?Product $product, EnteredProduct $entered, ProductExtras $extras): Product
    {
        $addOns = $this->lock($shop, $product, $extras->addOns);
        $taken = ($this->takenSkus)($shop, $product, $entered);
        if ($taken !== []) {
            throw ValidationException::withMessages($taken);
        }
        $rows = ProductRows::of($entered, $extras, $shop->currency());
        $saved = $this->written($shop, $product, $rows->product, $entered, $extras);
        ($this->savePictures)($saved, $extras->pictures);
        ($this->saveAddresses)($shop, $saved, $extras->addresses->addresses);
        $this->saveFiles->loosen($saved);
        ($this->saveVariants)($saved, $rows->variants, $extras->stockSeen);
        ($this->saveFiles)($saved, $extras->files);
        $this->name->markFormer($saved);
        $this->saveCategories($shop, $saved, $entered->categories);
        $this->saveAddOns($saved, $addOns);
        $this->changed->product($saved);

        return $saved->refresh();
    }

    /**
     * The product and those that are named as its add-ons, locked by id, as every order locks its goods.
     *
     * @param  list<int>  $addOns
     * @return list<int> of the add-ons, those that are goods of this shop
     */
    private function lock(Shop $shop, ?Product $product, array $addOns): array
    {
        $locked = $shop->products()->whereKey(array_filter([$product?->id, ...$addOns]))->orderBy('id')->lockForUpdate()->get(['id'])->modelKeys();

        return array_values(array_filter(array_unique($addOns), static fn (int $id): bool => $id !== $product?->id && in_array($id, $locked, true)));
    }

    /** @param  array<string, mixed>  $attributes */
    private function written(Shop $shop, ?Product $product, array $attributes, EnteredProduct $entered, ProductExtras $extras): Product
    {
        if ($product === null) {
            return $shop->products()->create($attributes);
        }
        $locked = Product::query()->whereKey($product->id)->lockForUpdate()->firstOrFail();
        $attributes += ['own_kind' => $locked->kind->isElsewhere() ? $locked->own_kind : $locked->kind];
        $attributes['options'] = KeptSales::in($entered->options, $locked->options);
        $before = $locked->ownEvent();
        $locked->fill($this->withoutUntouchedStock($attributes, $extras));
        $locked->event_sequence += $before === null || $before->equals($locked->ownEvent()) ? 0 : 1;
        $locked->save();

        return $locked;
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

    /** @param  list<string>  $names */
    private function saveCategories(Shop $shop, Product $product, array $names): void
    {
        $ids = array_map(static fn (string $name): int => $shop->categories()->firstOrCreate(['name' => $name])->id, $names);
        $product->categories()->syncWithPivotValues($ids, ['shop_id' => $shop->id]);
        Category::query()->where('shop_id', $shop->id)->whereDoesntHave('products')->whereDoesntHave('shelves')->delete();
    }

    /** @param  list<int>  $ids */
    private function saveAddOns(Product $product, array $ids): void
    {
        $rows = [];
        foreach (array_slice($ids, 0, ProductExtras::MOST_ADD_ONS) as $id) {
            $rows[$id] = ['shop_id' => $product->shop_id, 'position' => count($rows) + 1];
        }
        $product->addOns()->detach();
        $product->addOns()->attach($rows);
    }
}
