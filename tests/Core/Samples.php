<?php

declare(strict_types=1);

namespace Tests\Core;

use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;
use PaperKite\Offer\Draft;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Readiness;
use PaperKite\Quote\Quantity;
use PaperKite\Quote\ShopRules;

/** One valid sample of each thing, from which a test changes what it is about. */
final class Samples
{
    public static function euros(int $cents): Money
    {
        return Money::ofMinor($cents, Currency::of('EUR'));
    }

    public static function product(int $cents = 980, ?Stock $stock = null, string $name = 'Heather honey, 340 g', string $sku = 'honey-340'): Product
    {
        return new Product(Sku::of($sku), $name, self::euros($cents), Drawing::HoneyJar, $stock ?? Stock::untracked());
    }

    public static function offer(Destination $destination = Destination::Pay, int $quantity = 1, ?string $caption = null, ?Product $product = null, CartUse $cartUse = CartUse::JustThis): Offer
    {
        return new Offer($product ?? self::product(), Quantity::of($quantity), $destination, $cartUse, $caption);
    }

    public static function draft(?Product $product = null, string $quantity = '1', string $caption = '', bool $hasPayee = true, bool $hasProvider = true): Draft
    {
        return new Draft($product ?? self::product(), $quantity, Destination::Pay, CartUse::JustThis, $caption, new Readiness($hasPayee, $hasProvider));
    }

    public static function rules(int $shippingCents = 390): ShopRules
    {
        return new ShopRules(Currency::of('EUR'), self::euros($shippingCents));
    }
}
