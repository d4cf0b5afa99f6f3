<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Picture;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Shopfront\ProductButtons;
use PaperKite\Time\LocalTime;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'ProductForm', description: 'A product as its form holds it.')]
final readonly class ProductFormResource
{
    /**
     * @param  array<string, mixed>  $entry
     * @param  list<PictureResource>  $pictures
     * @param  list<ProductResource>  $add_ons
     */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
        #[OA\Property(ref: '#/components/schemas/ProductEntry', type: 'object')]
        public array $entry,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PictureResource::class))]
        public array $pictures,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ProductResource::class))]
        public array $add_ons,
    ) {}

    public static function of(Product $product, int $version, Shop $shop, Moment $at): self
    {
        $product->load(['variants', 'pictures', 'categories', 'addOns.variants']);

        return new self(
            $product->id,
            $version,
            self::entry($product, $shop),
            array_values($product->pictures->map(PictureResource::of(...))->all()),
            array_values($product->addOns->map(static fn (Product $other) => ProductResource::of($other, $at))->all()),
        );
    }

    /** @return array<string, mixed> */
    private static function entry(Product $product, Shop $shop): array
    {
        $amount = static fn (?int $minor): string => $minor === null ? '' : $product->money($minor)->decimal();
        $local = static fn (?CarbonImmutable $at): string => $at === null ? '' : LocalTime::typed(Moment::ofSeconds((int) $at->getTimestamp()), $shop->zone());

        return [
            'name' => $product->name,
            'sku' => $product->sku,
            'is_draft' => $product->is_draft,
            'summary' => $product->summary ?? '',
            'description' => $product->description ?? '',
            'price' => $amount($product->price_minor),
            'sale_price' => $amount($product->sale_minor),
            'sale_from' => $local($product->sale_from),
            'sale_until' => $local($product->sale_until),
            'cost' => $amount($product->cost_minor),
            'tax_class' => $product->tax_class,
            'weight' => $product->weight ?? '',
            'weight_unit' => $product->weight_unit,
            'shipping_first' => $amount($product->shipping_first_minor),
            'shipping_more' => $amount($product->shipping_more_minor),
            'picture' => $product->picture->value,
            'tracks_stock' => $product->stock !== null,
            'stock' => (string) $product->stock,
            'stock_seen' => $product->stock,
            'allows_back_order' => $product->allows_back_order,
            'low_stock' => (string) $product->low_stock,
            'categories' => $product->categories->pluck('name')->all(),
            'traits' => $product->traits ?? [],
            'add_ons' => $product->addOns->pluck('id')->all(),
            'pictures' => $product->pictures->map(static fn (Picture $picture): array => ['id' => $picture->id, 'alt' => $picture->alt])->all(),
            'buttons' => ProductButtons::form($product->buttons ?? []),
            'options' => array_map(self::option(...), $product->options),
            'variants' => $product->variants->map(static fn (Variant $variant): array => [
                'choices' => $variant->choices,
                'sku' => $variant->sku,
                'price' => $amount($variant->price_minor),
                'stock' => (string) $variant->stock,
                'stock_seen' => $variant->stock,
                'weight' => (string) $variant->weight_g,
                'picture_id' => $variant->picture_id,
                'is_preselected' => $variant->is_preselected === true,
            ])->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function option(Option $option): array
    {
        return ['name' => $option->name, 'choices' => array_map(static fn (Choice $choice): array => [
            'name' => $choice->name,
            'price' => $choice->price?->regular->decimal() ?? '',
            'adds' => $choice->adds?->decimal() ?? '',
        ], $option->choices)];
    }
}
