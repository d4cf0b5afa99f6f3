<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use App\Carts\Goods;
use App\Http\Console\Offers\VariantChoiceResource;
use App\OpenLinks\LinkGoods;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Variant;

#[OA\Schema(schema: 'LinkGoods', description: 'What an item of a link names.')]
final readonly class LinkGoodsResource
{
    /** @param  list<VariantChoiceResource>  $variants */
    private function __construct(
        #[OA\Property(description: 'As typed.')]
        public string $sku,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Of the product, for a link that leaves the choice to the shopper.')]
        public string $product_sku,
        #[OA\Property(type: 'array', items: new OA\Items(ref: VariantChoiceResource::class))]
        public array $variants,
        #[OA\Property(description: 'Whether the shopper gives it, and may say how much.')]
        public bool $is_given,
        #[OA\Property(description: 'Why it can’t be had just now, in a sentence; blank where it can.')]
        public string $caution,
    ) {}

    public static function of(string $typed, Goods $goods): self
    {
        $product = $goods->product->toCore();

        return new self(
            $typed,
            $goods->product->name,
            $goods->product->sku,
            array_map(static fn (Variant $variant) => VariantChoiceResource::of($variant, $product), $product->variants),
            $goods->product->kind->isMoneyItself(),
            LinkGoods::caution($goods),
        );
    }
}
