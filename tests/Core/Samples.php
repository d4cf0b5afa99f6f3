<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeZone;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Price;
use PaperKite\Catalogue\Product;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\Quantity;
use PaperKite\Catalogue\Sku;
use PaperKite\Catalogue\Stock;
use PaperKite\Catalogue\Variant;
use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Money\Percentage;
use PaperKite\Offer\Ask;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination\SellHere;
use PaperKite\Offer\Destination\ShowCart;
use PaperKite\Offer\Draft;
use PaperKite\Offer\DraftAsk;
use PaperKite\Offer\DraftItem;
use PaperKite\Offer\DraftLook;
use PaperKite\Offer\Offer;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Place;
use PaperKite\Offer\Proof;
use PaperKite\Offer\ShopSetting;
use PaperKite\Offer\ShopWords;
use PaperKite\Offer\StateWords;
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
    public static function product(int $cents = 980, ?Stock $stock = null, string $name = 'Heather honey, 340 g', string $sku = 'honey-340', array $options = [], array $variants = [], bool $isDraft = false): Product
    {
        return new Product(Sku::of($sku), $name, ProductKind::Physical, new Price(self::euros($cents)), options: $options, variants: $variants, stock: $stock ?? Stock::untracked(), isDraft: $isDraft);
    }

    /** @param  list<OfferItem>|null  $items */
    public static function offer(Onwards $destination = Onwards::Pay, int $quantity = 1, ?string $caption = null, ?Product $product = null, CartUse $cartUse = CartUse::JustThis, ?array $items = null, Opening $opening = Opening::SameTab, ?Ask $ask = null, ?string $landing = null): Offer
    {
        return new Offer(
            $items === [] ? new ShowCart($destination, $landing) : new SellHere($items ?? [self::item($product, $quantity)], $destination, $cartUse, $ask, $landing),
            $opening,
            StateWords::of([ButtonState::Idle->value => $caption]),
            ShopWords::none(),
            'Kite silk',
        );
    }

    public static function item(?Product $product = null, int $quantity = 1, ?Variant $variant = null): OfferItem
    {
        return new OfferItem(new Pick($product ?? self::product(), Quantity::of($quantity), $variant));
    }

    /** Beeswax wraps in two sizes. */
    public static function wraps(?Stock $small = null, ?Stock $large = null): Product
    {
        return self::product(1200, name: 'Beeswax wrap', sku: 'wrap', options: [new Option('Size', [new Choice('Small'), new Choice('Large')])], variants: [
            new Variant(Sku::of('wrap-s'), ['Small'], stock: $small),
            new Variant(Sku::of('wrap-l'), ['Large'], stock: $large),
        ]);
    }

    /** Goods of the usual class are taxed at nothing. */
    public static function noTax(): TaxRates
    {
        return new TaxRates(true, ['IE' => [Product::USUAL_TAX_CLASS => Percentage::zero()]]);
    }

    /**
     * @param  list<DraftItem>|null  $items
     * @param  list<string>  $doubts  of its look
     * @param  list<Place>  $places
     */
    public static function draft(?Product $product = null, string $quantity = '1', string $caption = '', bool $hasPayee = true, bool $hasProvider = true, ?array $items = null, Onwards $destination = Onwards::Pay, ?DraftAsk $ask = null, string $landing = '', array $doubts = [], array $places = [], ?int $lettersInALine = 26, Opening $opening = Opening::SameTab): Draft
    {
        return new Draft(
            $items ?? [new DraftItem($product ?? self::product(), '', $quantity)],
            $destination,
            CartUse::JustThis,
            $opening,
            $ask ?? new DraftAsk,
            ['idle' => $caption],
            $landing,
            '',
            new ShopSetting($hasPayee, $hasProvider, ShopWords::none(), static fn (string $address): bool => str_starts_with($address, 'https://fern.example/'), $places),
            new DraftLook('Kite silk', $doubts, $lettersInALine),
        );
    }

    public static function proof(?Draft $draft = null, ?ShopRules $rules = null): Proof
    {
        return Proof::of($draft ?? self::draft(), $rules ?? self::rules(), 'IE', 'Ireland', Moment::of('2026-04-20T10:00:00+01:00'));
    }

    /** One fee for every order, and no tax. */
    public static function rules(int $shippingCents = 390): ShopRules
    {
        return new ShopRules(
            Currency::of('EUR'),
            new DateTimeZone('Europe/Dublin'),
            self::noTax(),
            null,
            [new ShippingZone('Everywhere', [ShippingZone::ANYWHERE], null, new ShippingTable(ShippingMeasure::Quantity, [new ShippingBand(0, self::euros($shippingCents))], null))],
        );
    }

    /** @param  list<Pick>  $cart */
    public static function quote(array $cart, ?ShopRules $shop = null): Receipt
    {
        return Quote::of(new QuoteRequest($shop ?? self::rules(), $cart, 'IE', Moment::of('2026-04-20T10:00:00+01:00')));
    }
}
