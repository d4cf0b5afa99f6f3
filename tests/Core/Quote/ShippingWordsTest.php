<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use PaperKite\Money\Currency;
use PaperKite\Quote\Because;
use PaperKite\Quote\ShippingMeasure;
use PaperKite\Quote\ShippingWords;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a shopper reads beside the shipping fee. */
final class ShippingWordsTest extends TestCase
{
    /** @param  array<string, mixed>  $changes */
    #[DataProvider('ways')]
    public function test_the_rule_is_said_and_the_one_it_overrode(array $changes, string $fee, string $sentence): void
    {
        $receipt = Documents::quote(Documents::with($changes));

        self::assertSame([$fee, $sentence], [$receipt->shipping->fee->decimal(), Because::of($receipt)->shipping->in(Wording::english())]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function ways(): iterable
    {
        $removed = Documents::removed();
        $freed = ['code' => 'CARRY', 'kind' => 'free_shipping'];
        $many = static fn (int $pieces): array => [['sku' => 'honey', 'quantity' => $pieces]];
        $byPieces = static fn (array $bands): array => ['by' => 'quantity', 'bands' => $bands];
        yield 'the first band' => [[], '3.90', 'Orders under €20.00 ship for €3.90; the fee on the item does not count.'];
        yield 'the last band' => [['cart' => $many(3)], '5.90', 'Orders of €20.00 or more ship for €5.90; the fee on the item does not count.'];
        yield 'at the sum from which it ships free' => [['cart' => $many(7)], '0.00', 'Goods from €60.00 ship free; the fees by the size of the order do not count.'];
        yield 'free by a coupon' => [['coupon' => $freed], '0.00', 'The coupon ships the order free; the fees by the size of the order do not count.'];
        yield 'free by a coupon, and without it' => [['coupon' => $freed, 'cart' => $many(7)], '0.00', 'The coupon ships the order free; it would have shipped free without it.'];
        yield 'missed by a coupon alone' => [['cart' => $many(7), 'coupon' => ['code' => 'BLOSSOM', 'kind' => 'percent', 'value' => '20']], '5.90', 'Orders of €20.00 or more ship for €5.90; the fee on the item does not count. Free from €60.00; after your coupon the goods come to €54.88.'];
        yield 'missed with or without a coupon' => [['cart' => $many(5), 'coupon' => ['code' => 'BLOSSOM', 'kind' => 'percent', 'value' => '20']], '5.90', 'Orders of €20.00 or more ship for €5.90; the fee on the item does not count.'];
        yield 'by weight, light' => [['country' => 'DE'], '6.50', 'Parcels under 1,000 g ship for €6.50; the fee on the item does not count.'];
        yield 'by weight, heavy' => [['country' => 'FR', 'cart' => $many(2)], '9.80', 'Parcels of 1,000 g or more ship for €9.80; the fee on the item does not count.'];
        yield 'by the items' => [['country' => 'GB', 'cart' => $many(3)], '7.00', 'The shipping fees of the items, added up.'];
        yield 'within the prices' => [['country' => 'GB', 'products.0.shipping' => $removed], '0.00', 'Shipping is included in the prices.'];
        yield 'nothing to send' => [['cart' => [['sku' => 'adopt', 'quantity' => 1, 'plan' => 'monthly']]], '0.00', 'Nothing of this is sent today.'];
        yield 'one fee for all' => [['shop.zones.0.table' => $byPieces([['from' => 0, 'fee' => '4.00']])], '4.00', 'Every order ships for €4.00, however much is in it; the fee on the item does not count.'];
        yield 'free for all' => [['shop.zones.0.table' => $byPieces([['from' => 0, 'fee' => '0.00']]), 'products.0.shipping' => $removed], '0.00', 'Every order ships free.'];
        yield 'between two thresholds' => [['cart' => $many(2), 'shop.zones.0.table' => $byPieces([['from' => 0, 'fee' => '4.00'], ['from' => 2, 'fee' => '3.00'], ['from' => 4, 'fee' => '0.00']])], '3.00', 'Orders of 2 pieces to under 4 pieces ship for €3.00; the fee on the item does not count.'];
        yield 'a free band' => [['cart' => $many(4), 'shop.zones.0.table' => $byPieces([['from' => 0, 'fee' => '4.00'], ['from' => 1, 'fee' => '3.00'], ['from' => 4, 'fee' => '0.00']])], '0.00', 'Orders of 4 pieces or more ship free; the fee on the item does not count.'];
    }

    #[DataProvider('measures')]
    public function test_a_number_is_shown_as_it_is_measured(ShippingMeasure $by, int $amount, string $shown): void
    {
        $measured = ShippingWords::measured($by, $amount, Currency::of('EUR'));

        self::assertSame($shown, $measured instanceof Said ? $measured->in(Wording::english()) : $measured->shown());
    }

    /** @return iterable<array{ShippingMeasure, int, string}> */
    public static function measures(): iterable
    {
        yield [ShippingMeasure::Total, 2000, '€20.00'];
        yield [ShippingMeasure::Weight, 5000, '5,000 g'];
        yield [ShippingMeasure::Quantity, 0, '0 pieces'];
        yield [ShippingMeasure::Quantity, 1, '1 piece'];
        yield [ShippingMeasure::Quantity, 1200, '1,200 pieces'];
    }
}
