<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Entry\ProductEntry;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\Quantity;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Variant;
use PaperKite\Quote\UnitPrice;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'Combination', description: 'One of each choice: what could be a variant.')]
final readonly class CombinationResource
{
    /** @param  list<string>  $choices */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $choices,
        #[OA\Property(description: 'What it costs where the variant sets no price of its own; null while that can’t be told.')]
        public ?string $price_shown,
        #[OA\Property(description: 'A proposal.')]
        public string $sku,
    ) {}

    /** @param  list<string>  $choices */
    public static function of(array $choices, ProductEntry $entry, string $sku, Moment $now): self
    {
        return new self($choices, self::price($choices, $entry, $now), self::proposal($choices, $sku));
    }

    /** @param  list<string>  $choices */
    private static function price(array $choices, ProductEntry $entry, Moment $now): ?string
    {
        if ($entry->price === null) {
            return null;
        }
        $variant = new Variant(Sku::of('x'), $choices);
        $product = new Product(Sku::of('x'), '', ProductKind::Physical, $entry->price, options: $entry->options, variants: [$variant]);

        return UnitPrice::of(new Pick($product, Quantity::of(1), $variant), $now)->today->shown();
    }

    /** @param  list<string>  $choices */
    private static function proposal(array $choices, string $sku): string
    {
        $parts = array_map(static fn (string $choice): string => mb_strtolower(mb_substr(Sku::allowedSpelling($choice), 0, 16)), $choices);

        return Sku::allowedSpelling(implode('-', [$sku === '' ? 'item' : $sku, ...$parts]));
    }
}
