<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use PaperKite\Quote\Document\DocumentReader;
use PaperKite\Quote\Unquotable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each thing that can be wrong with a quote document is told at its place, and nothing is computed. */
final class WrongDocumentTest extends TestCase
{
    /** @param  array<string, mixed>  $changes */
    #[DataProvider('wrongForms')]
    #[DataProvider('whatOnlyTheCalculationFinds')]
    public function test_the_fault_is_told_at_its_place(array $changes, string $at): void
    {
        self::assertSame([$at], Documents::faultsOf(Documents::with($changes)));
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function wrongForms(): iterable
    {
        $removed = Documents::removed();
        foreach (['shop', 'cart', 'country', 'at', 'shop.currency', 'shop.prices_include_tax', 'shop.timezone', 'shop.shipping_tax_class', 'shop.tax', 'shop.zones'] as $key) {
            yield "{$key} is missing" => [[$key => $removed], $key];
        }
        yield from [
            'no products, and nothing in the cart' => [['products' => $removed, 'cart' => []], 'products'],
            'a country that is none, as the destination' => [['country' => 'XX'], 'country'],
            'an unknown key' => [['colour' => 'red'], 'colour'],
            'an unknown key within' => [['products.0.sale.colour' => 'red'], 'products[0].sale.colour'],
            'a currency that is none' => [['shop.currency' => 'EURO'], 'shop.currency'],
            'a currency of four digits' => [['shop.currency' => 'CLF'], 'shop.currency'],
            'gold' => [['shop.currency' => 'XAU'], 'shop.currency'],
            'a flag as a text' => [['shop.prices_include_tax' => 'yes'], 'shop.prices_include_tax'],
            'an offset for a zone' => [['shop.timezone' => '+01:00'], 'shop.timezone'],
            'a rate that is no number' => [['shop.tax.0.rate' => 'high'], 'shop.tax[0].rate'],
            'a rate as a number' => [['shop.tax.0.rate' => 23], 'shop.tax[0].rate'],
            'a rate above all' => [['shop.tax.0.rate' => '100.01'], 'shop.tax[0].rate'],
            'two rates for one class' => [['shop.tax.1.class' => 'standard'], 'shop.tax[1]'],
            'a country in two zones' => [['shop.zones.1.countries' => ['DE', 'IE']], 'shop.zones[1].countries[1]'],
            'a country that is none' => [['shop.zones.1.countries' => ['XX']], 'shop.zones[1].countries[0]'],
            'a first band above nought' => [['shop.zones.0.table.bands.0.from' => '1.00'], 'shop.zones[0].table.bands[0].from'],
            'a band below the one before' => [['shop.zones.1.table.bands.1.from' => 0], 'shop.zones[1].table.bands[1].from'],
            'grams with decimals' => [['shop.zones.1.table.bands.1.from' => 1000.5], 'shop.zones[1].table.bands[1].from'],
            'grams as a text' => [['shop.zones.1.table.bands.1.from' => '1000'], 'shop.zones[1].table.bands[1].from'],
            'a total as a number' => [['shop.zones.0.table.bands.1.from' => 20], 'shop.zones[0].table.bands[1].from'],
            'an option without choices' => [['products.1.options.0.choices' => []], 'products[1].options[0].choices'],
            'choices that are no list' => [['products.1.options.0.choices' => 'Small'], 'products[1].options[0].choices'],
            'a choice without a name' => [['products.1.options.0.choices.0.name' => $removed], 'products[1].options[0].choices[0].name'],
            'an option that is none' => [['products.1.options.0' => 7], 'products[1].options[0]'],
            'no bands' => [['shop.zones.0.table.bands' => []], 'shop.zones[0].table.bands'],
            'a measure that is none' => [['shop.zones.0.table.by' => 'colour'], 'shop.zones[0].table.by'],
            'three decimals' => [['products.0.price' => '9.800'], 'products[0].price'],
            'a negative price' => [['products.0.price' => '-9.80'], 'products[0].price'],
            'a price as a number' => [['products.0.price' => 9.8], 'products[0].price'],
            'a price with a space' => [['products.0.price' => ' 9.80'], 'products[0].price'],
            'a price with a line end' => [['products.0.price' => "9.80\n"], 'products[0].price'],
            'no price and no plan' => [['products.1.price' => $removed], 'products[1].price'],
            'a sale without a price' => [['products.2.sale' => ['price' => '1.00']], 'products[2].sale'],
            'a moment without a zone' => [['products.0.sale.from' => '2026-05-01T00:00:00'], 'products[0].sale.from'],
            'a day that does not exist' => [['at' => '2026-02-29T10:00:00Z'], 'at'],
            'a kind that is none' => [['products.0.kind' => 'magic'], 'products[0].kind'],
            'a partner’s goods, which have no price here' => [['products.0.kind' => 'partner'], 'products[0].kind'],
            'a SKU with a separator' => [['products.3.sku' => 'hi,ve'], 'products[3].sku'],
            'a SKU with a space' => [['products.3.sku' => 'hive '], 'products[3].sku'],
            'a SKU twice' => [['products.3.sku' => 'wrap-s'], 'products[3].sku'],
            'options without variants' => [['products.1.variants' => $removed], 'products[1].options'],
            'variants without options' => [['products.1.options' => $removed], 'products[1].variants'],
            'two options that set prices' => [['products.1.options.1.choices.0.price' => '1.00'], 'products[1].options[1]'],
            'a choice that sets and adds' => [['products.1.options.0.choices.0.adds' => '1.00'], 'products[1].options[0].choices[0].adds'],
            'two equal choices' => [['products.1.options.1.choices.1.name' => 'Plain', 'products.1.variants.1.choices' => ['Large', 'Plain']], 'products[1].options[1].choices[1].name'],
            'a variant with a choice too few' => [['products.1.variants.0.choices' => ['Small']], 'products[1].variants[0].choices'],
            'a variant with an unknown choice' => [['products.1.variants.0.choices' => ['Small', 'Dots']], 'products[1].variants[0].choices[1]'],
            'a unit that is none' => [['products.2.plans.0.unit' => 'day'], 'products[2].plans[0].unit'],
            'a plan for no time' => [['products.2.plans.0.every' => 0], 'products[2].plans[0].every'],
            'a trial of no days' => [['products.2.plans.0.trial_days' => 0], 'products[2].plans[0].trial_days'],
            'too many payments' => [['products.2.plans.0.payments' => 601], 'products[2].plans[0].payments'],
            'one instalment without a deposit' => [['products.3.instalments' => ['payments' => 1]], 'products[3].instalments.payments'],
            'a deposit of nothing' => [['products.3.instalments.deposit' => '0.00'], 'products[3].instalments.deposit'],
            'a donation on sale' => [['products.4.sale' => ['price' => '1.00']], 'products[4].sale'],
            'a gift card with a plan' => [['products.5.plans' => [['code' => 'a', 'price' => '1.00', 'every' => 1, 'unit' => 'year']]], 'products[5].plans'],
            'nobody’s SKU' => [['cart.0.sku' => 'jam'], 'cart[0].sku'],
            'a quantity of nothing' => [['cart.0.quantity' => 0], 'cart[0].quantity'],
            'a quantity too large' => [['cart.0.quantity' => 10000], 'cart[0].quantity'],
            'a quantity with a point' => [['cart.0.quantity' => 1.0], 'cart[0].quantity'],
            'a plan that is not the product’s' => [['cart.0.plan' => 'monthly'], 'cart[0].plan'],
            'an amount for honey' => [['cart.0.amount' => '1.00'], 'cart[0].amount'],
            'instalments for honey' => [['cart.0.instalments' => true], 'cart[0].instalments'],
            'instalments that are not true' => [['cart.0' => ['sku' => 'hive', 'quantity' => 1, 'instalments' => false]], 'cart[0].instalments'],
            'a coupon without a value' => [['coupon' => ['code' => 'A', 'kind' => 'percent']], 'coupon.value'],
            'a coupon above all' => [['coupon' => ['code' => 'A', 'kind' => 'percent', 'value' => '101']], 'coupon.value'],
            'free shipping with a value' => [['coupon' => ['code' => 'A', 'kind' => 'free_shipping', 'value' => '1']], 'coupon.value'],
            'a gift card without a balance' => [['gift_cards' => [['code' => 'A']]], 'gift_cards[0].balance'],
        ];
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function whatOnlyTheCalculationFinds(): iterable
    {
        yield from [
            'nothing ships there' => [['country' => 'US'], 'country'],
            'too heavy' => [['country' => 'DE', 'cart.0.quantity' => 39], 'cart'],
            'too heavy, though a coupon ships free' => [['country' => 'DE', 'cart.0.quantity' => 39, 'coupon' => ['code' => 'A', 'kind' => 'free_shipping']], 'cart'],
            'too heavy, though so much ships free' => [['country' => 'DE', 'cart.0.quantity' => 39, 'shop.zones.1.free_from' => '1.00'], 'cart'],
            'a variant to choose' => [['cart.0.sku' => 'wrap'], 'cart[0].sku'],
            'a plan to choose' => [['cart.0.sku' => 'adopt'], 'cart[0].plan'],
            'too little given' => [['cart.0' => ['sku' => 'hedgerow', 'quantity' => 1, 'amount' => '1.99']], 'cart[0].amount'],
            'too much given' => [['cart.0' => ['sku' => 'hedgerow', 'quantity' => 1, 'amount' => '500.01']], 'cart[0].amount'],
            'a deposit that reaches the price' => [['products.3.price' => '50.00', 'cart.0' => ['sku' => 'hive', 'quantity' => 1, 'instalments' => true]], 'cart[0].instalments'],
            'a plan that can’t be sent' => [['country' => 'US', 'products.2.kind' => 'physical', 'products.2.plans.0.trial_days' => 7, 'cart.0' => ['sku' => 'adopt', 'quantity' => 1, 'plan' => 'monthly']], 'country'],
            'more than can be counted' => [['products.0.price' => '999999999999.00', 'cart' => array_fill(0, 20, ['sku' => 'honey', 'quantity' => 9999]), 'country' => 'GB'], 'cart'],
        ];
    }

    public function test_every_fault_of_form_is_told_at_once_and_before_what_is_reckoned(): void
    {
        $document = Documents::with(['country' => 'US', 'cart.0.quantity' => 0, 'products.0.price' => '1.234', 'shop.timezone' => 'Tarn', 'coupon' => ['kind' => 'percent', 'value' => '5']]);

        self::assertSame(['shop.timezone', 'products[0].price', 'cart[0].quantity', 'coupon.code'], Documents::faultsOf($document));
    }

    public function test_all_that_only_the_calculation_finds_is_told_at_once(): void
    {
        $document = Documents::with(['country' => 'US', 'cart' => [['sku' => 'wrap', 'quantity' => 1], ['sku' => 'adopt', 'quantity' => 1], ['sku' => 'honey', 'quantity' => 1]]]);

        self::assertSame(['cart[0].sku', 'cart[1].plan', 'country'], Documents::faultsOf($document));
    }

    public function test_null_for_an_optional_key_is_as_if_it_were_absent(): void
    {
        self::assertEquals(Documents::quote(Documents::valid()), Documents::quote(Documents::with(['coupon' => null, 'gift_cards' => null, 'products.1.sale' => null, 'cart.0.plan' => null])));
    }

    #[DataProvider('texts')]
    public function test_what_is_no_document_has_one_fault_at_its_root(string $text): void
    {
        try {
            DocumentReader::read($text);
            self::fail('It was read.');
        } catch (Unquotable $unquotable) {
            self::assertSame([''], array_column($unquotable->faults, 'at'));
        }
    }

    /** @return iterable<array{string}> */
    public static function texts(): iterable
    {
        yield from [[''], ['honey'], ['{"shop":'], ['[]'], ['null'], ["{\"a\":\"\xFF\"}"]];
    }
}
