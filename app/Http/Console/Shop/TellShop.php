<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Models\Category;
use App\Models\Shop;
use PaperKite\Catalogue\Product;

/** Answers with a shop and what its forms propose. */
final readonly class TellShop
{
    /** Of one attribute, so that a list of proposals stays one. */
    private const MOST_VALUES = 50;

    public function __invoke(Shop $shop): ShopResource
    {
        $categories = $shop->categories()->get()->map(static fn (Category $category): string => $category->name)->all();

        return ShopResource::of($shop, array_values($categories), $this->taxClasses($shop), $this->traits($shop));
    }

    /** @return list<string> */
    private function taxClasses(Shop $shop): array
    {
        $classes = [Product::USUAL_TAX_CLASS, ...array_merge(...array_map(array_keys(...), array_values($shop->rules()->tax->rates))), ...$shop->products()->distinct()->pluck('tax_class')->all()];

        return array_values(array_unique(array_filter($classes, is_string(...))));
    }

    /** @return list<array{name: string, values: list<string>}> of the products that were put in last */
    private function traits(Shop $shop): array
    {
        $values = [];
        foreach ($shop->products()->whereNotNull('traits')->orderByDesc('id')->limit(200)->get(['id', 'traits']) as $product) {
            foreach ($product->traits ?? [] as $trait) {
                $values[$trait['name']] = [...$values[$trait['name']] ?? [], ...$trait['values']];
            }
        }

        return array_map(static fn (string $name, array $all): array => ['name' => $name, 'values' => array_slice(array_values(array_unique($all)), 0, self::MOST_VALUES)], array_map(strval(...), array_keys($values)), $values);
    }
}
