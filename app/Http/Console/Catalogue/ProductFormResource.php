<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Catalogue\ProductForm;
use App\Models\Product;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'ProductForm', description: 'A product as its form holds it, with what its form shows of it.')]
final readonly class ProductFormResource
{
    /**
     * @param  list<PictureResource>  $pictures
     * @param  list<ProductResource>  $add_ons
     * @param  list<ProductFileResource>  $files
     */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
        #[OA\Property]
        public ProductForm $entry,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PictureResource::class))]
        public array $pictures,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ProductResource::class))]
        public array $add_ons,
        #[OA\Property(description: 'That it is sold with, in their order.', type: 'array', items: new OA\Items(ref: ProductFileResource::class))]
        public array $files,
        #[OA\Property(description: 'Null: it has none.')]
        public ?SampleResource $sample,
        #[OA\Property(description: 'Bookings whose shoppers do not know yet that the date or place is another now.')]
        public int $untold,
        #[OA\Property(ref: '#/components/schemas/ProductKind', description: 'What it was before it became a partner’s; null: nothing, or it is none.', nullable: true)]
        public ?ProductKind $own_kind,
    ) {}

    /** @param  Product  $product  with variants, pictures, categories, and add-ons with theirs */
    public static function of(Product $product, int $version, int $untold, Shop $shop, Moment $at): self
    {
        return new self(
            $product->id,
            $version,
            ProductForm::of($product, $shop->zone()),
            array_values($product->pictures->map(PictureResource::of(...))->all()),
            array_values($product->addOns->map(static fn (Product $other) => ProductResource::of($other, $at))->all()),
            array_values($product->files->map(ProductFileResource::of(...))->all()),
            $product->sample === null ? null : SampleResource::of($product->sample),
            $untold,
            $product->kind->isElsewhere() ? $product->own_kind : null,
        );
    }
}
