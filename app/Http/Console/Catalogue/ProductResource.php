<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Models\PartnerAddress;
use App\Models\Product;
use App\Shopfront\PriceTag;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Drawing;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;

#[OA\Schema(schema: 'Product')]
final readonly class ProductResource
{
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $sku,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'As the shopfront shows it: “from €6.50” where it varies.')]
        public string $price_shown,
        #[OA\Property(oneOf: [new OA\Schema(ref: '#/components/schemas/Drawing'), new OA\Schema(type: 'null')])]
        public ?Drawing $picture,
        #[OA\Property(description: 'Blank: none.')]
        public string $picture_path,
        #[OA\Property(description: 'Pieces on hand, of all variants; null where stock is not tracked.')]
        public ?int $stock,
        #[OA\Property]
        public bool $is_sold_out,
        #[OA\Property(description: 'Whether no more is left than the seller wants to be told of.')]
        public bool $is_low,
        #[OA\Property]
        public int $variant_count,
        #[OA\Property(description: 'Whether it is shown nowhere and can’t be bought yet.')]
        public bool $is_draft,
        #[OA\Property(description: 'Whether the shopper says how much.')]
        public bool $is_given,
        #[OA\Property(description: 'Whose goods they are; blank: the shop’s own.')]
        public string $partner,
        #[OA\Property(description: 'The day on which its text is needed, ISO 8601; blank: none was said.')]
        public string $text_by,
    ) {}

    /** @param  Product  $product  with its variants, and the partners of its addresses */
    public static function of(Product $product, Moment $at): self
    {
        $tag = PriceTag::of($product, $at);
        $stock = $product->piecesOnHand();

        return new self(
            id: $product->id,
            sku: $product->sku,
            name: $product->name,
            price_shown: $tag->shown(Wording::english()),
            picture: $product->picture,
            picture_path: $product->lead()->path ?? '',
            stock: $stock,
            is_sold_out: $tag->isSoldOut,
            is_low: $product->low_stock !== null && $stock !== null && $stock <= $product->low_stock,
            variant_count: $product->has_variants ? $product->variants->count() : 0,
            is_draft: $product->is_draft,
            is_given: $product->kind->isMoneyItself(),
            partner: $product->kind->isElsewhere() ? self::partners($product) : '',
            text_by: $product->text_by?->toDateString() ?? '',
        );
    }

    private static function partners(Product $product): string
    {
        return implode(', ', array_unique($product->addresses->map(static fn (PartnerAddress $address): string => $address->marketplace->partner->name)->all()));
    }
}
