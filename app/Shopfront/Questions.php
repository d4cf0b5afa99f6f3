<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\OfferLine;
use App\Models\Product;
use App\Models\Shop;
use PaperKite\Time\Moment;

/**
 * What a shopper has still to say of goods before they can be had. It is said here alone, for the page of an offer, for
 * the page of a product and for widgets; how many, the offer asks for all of its goods at once.
 */
final readonly class Questions
{
    private function __construct(
        /** `null` where there is one variant, or none, or it has been said. */
        public ?WhichVariant $which,
        /** `null` where it has its price, or the amount has been said. */
        public ?HowMuch $howMuch,
    ) {}

    /** @param  OfferLine  $line  with its product, the product's variants and their pictures */
    public static function ofLine(OfferLine $line, Moment $at, Shop $shop): self
    {
        return new self(
            $line->leavesVariantOpen() ? self::which($line->product, $at, $shop) : null,
            $line->leavesAmountOpen() ? HowMuch::of($line->product) : null,
        );
    }

    /** @param  Product  $product  with its variants and their pictures */
    public static function ofProduct(Product $product, Moment $at, Shop $shop): self
    {
        return new self(
            $product->has_variants ? self::which($product, $at, $shop) : null,
            $product->kind->isMoneyItself() ? HowMuch::of($product) : null,
        );
    }

    private static function which(Product $product, Moment $at, Shop $shop): WhichVariant
    {
        return new WhichVariant(
            $product->options,
            ChoiceView::listOf($product, $at, $shop->zone(), $shop->wording()),
            $product->variants->firstWhere('is_preselected', true)->choices ?? [],
        );
    }
}
