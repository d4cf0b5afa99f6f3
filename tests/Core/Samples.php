<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeZone;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Catalogue\Variant;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;
use PaperKite\Offer\Draft;
use PaperKite\Offer\Offer;
use PaperKite\Offer\Readiness;
use PaperKite\Quote\CartLine;
use PaperKite\Quote\Quantity;
use PaperKite\Quote\Quote;
use PaperKite\Quote\QuoteRequest;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShippingBand;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingTable;
use PaperKite\Quote\ShippingZone;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PaperKite\Time\Moment;

/** One valid sample of each thing, from which a test changes what it is about. */
final class Samples
{
    public static function euros(int $cents): Money
    {
        return Money::ofMinor($cents, Currency::of('EUR'));
    }

    /**
     * @param  list<Option>  $options
     * @param  list<Variant>  $variants
     */
    public static function product(int $cents = 980, ?Stock $stock = null, string $name = 'Heather honey, 340 g', string $sku = 'honey-340', array $options = [], array $variants = []): Product
    {
        return new Product(Sku::of($sku), $name, ProductKind::Physical, new Price(self::euros($cents)), options: $options, variants: $variants, stock: $stock ?? Stock::untracked());
    }

    public static function offer(Destination $destination = Destination::Pay, int $quantity = 1, ?string $caption = null, ?Product $product = null, CartUse $cartUse = CartUse::JustThis): Offer
    {
        return new Offer($product ?? self::product(), Quantity::of($quantity), $destination, $cartUse, $caption);
    }

    public static function draft(?Product $product = null, string $quantity = '1', string $caption = '', bool $hasPayee = true, bool $hasProvider = true): Draft
    {
        return new Draft($product ?? self::product(), $quantity, Destination::Pay, CartUse::JustThis, $caption, new Readiness($hasPayee, $hasProvider));
    }

    /** One fee for every order, and no tax. */
    public static function rules(int $shippingCents = 390): ShopRules
    {
        return new ShopRules(
            Currency::of('EUR'),
            new DateTimeZone('Europe/Dublin'),
            new TaxRates(true, []),
            null,
            [new ShippingZone('Everywhere', [ShippingZone::ANYWHERE], null, new ShippingTable(ShippingMeasure::Quantity, [new ShippingBand(0, self::euros($shippingCents))], null))],
        );
    }

    /** @param  list<CartLine>  $cart */
    public static function quote(array $cart, ?ShopRules $shop = null): Receipt
    {
        return Quote::of(new QuoteRequest($shop ?? self::rules(), $cart, 'IE', Moment::of('2026-04-20T10:00:00+01:00')));
    }
}
