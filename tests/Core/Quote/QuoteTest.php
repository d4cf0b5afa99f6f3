<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use PaperKite\Catalogue\InvalidQuantity;
use PaperKite\Catalogue\Quantity;
use PaperKite\Quote\Because;
use PaperKite\Quote\LaterPayment;
use PaperKite\Quote\LineBecause;
use PaperKite\Words\Said;
use PaperKite\Words\Wording;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rules of the quote, at their edges. */
final class QuoteTest extends TestCase
{
    /** @param  array<string, mixed>  $changes */
    #[DataProvider('edges')]
    public function test_a_rule_holds_at_its_edge(array $changes, string $amount, string $expected): void
    {
        $receipt = Documents::quote(Documents::with($changes));

        self::assertSame($expected, match ($amount) {
            'unit' => $receipt->lines[0]->unit->today->decimal(),
            'tax' => $receipt->tax->decimal(),
            'shipping' => $receipt->shipping->fee->decimal(),
            'discount' => $receipt->discount->total->decimal(),
            'due_now' => $receipt->dueNow->decimal(),
            'profit' => $receipt->profit->decimal(),
            'later' => implode(' ', array_map(static fn (LaterPayment $payment): string => "{$payment->on->text()}={$payment->amount->decimal()}", $receipt->later)),
            default => self::fail("No amount is called {$amount}."),
        });
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function edges(): iterable
    {
        $hive = ['sku' => 'hive', 'quantity' => 2, 'instalments' => true];
        $plan = static fn (array $plan): array => ['products.2.plans.0' => $plan + ['code' => 'monthly', 'price' => '9.00', 'every' => 1, 'unit' => 'month'], 'cart.0' => ['sku' => 'adopt', 'quantity' => 1, 'plan' => 'monthly']];

        yield from [
            'a sale begins at its moment' => [['at' => '2026-05-01T00:00:00+01:00'], 'unit', '8.40'],
            'not a thousandth before' => [['at' => '2026-04-30T23:59:59.999+01:00'], 'unit', '9.80'],
            'and ends before its end' => [['at' => '2026-05-14T23:00:00Z'], 'unit', '9.80'],
            'in whatever zone it is written' => [['at' => '2026-05-14T18:59:59-04:00'], 'unit', '8.40'],
            'a variant’s own price comes first' => [['cart.0.sku' => 'wrap-l', 'products.1.variants.1.price' => '10.00'], 'unit', '10.75'],
            'a choice’s sale stands next to its price' => [['cart.0.sku' => 'wrap-l', 'products.1.options.0.choices.1.sale' => ['price' => '9.00']], 'unit', '9.75'],
            'the product’s sale does not touch a choice’s price' => [['cart.0.sku' => 'wrap-s', 'products.1.sale' => ['price' => '1.00']], 'unit', '6.50'],
            'a band reaches to the next' => [['cart.0.quantity' => 2, 'products.0.price' => '9.99'], 'shipping', '3.90'],
            'and begins at its threshold' => [['cart.0.quantity' => 2, 'products.0.price' => '10.00'], 'shipping', '5.90'],
            'goods for the free sum ship free' => [['cart.0.quantity' => 6, 'products.0.price' => '10.00'], 'shipping', '0.00'],
            'a discount may bring them below it' => [['cart.0.quantity' => 6, 'products.0.price' => '10.00', 'coupon' => ['code' => 'A', 'kind' => 'amount', 'value' => '0.01']], 'shipping', '5.90'],
            'as much as the limit still ships' => [['country' => 'DE', 'cart.0.quantity' => 40, 'products.0.weight_g' => 500], 'shipping', '9.80'],
            'as much as the limit ships free by a coupon' => [['country' => 'DE', 'cart.0.quantity' => 40, 'products.0.weight_g' => 500, 'coupon' => ['code' => 'A', 'kind' => 'free_shipping']], 'shipping', '0.00'],
            'a plan that begins with a trial weighs nothing' => [['country' => 'DE', 'products.2.weight_g' => 30000] + $plan(['trial_days' => 14]), 'shipping', '0.00'],
            'without a table the items’ fees count' => [['country' => 'GB', 'cart.0.quantity' => 3], 'shipping', '7.00'],
            'without those, nothing' => [['country' => 'GB', 'cart.0.sku' => 'wrap-s'], 'shipping', '0.00'],
            'a class without a rate bears no tax' => [['products.0.tax_class' => 'odd', 'shop.shipping_tax_class' => null], 'tax', '0.00'],
            'half a unit is rounded up' => [['products.0.price' => '0.50', 'products.0.tax_class' => 'standard', 'shop.tax.0.rate' => '5', 'shop.prices_include_tax' => false, 'shop.shipping_tax_class' => null], 'tax', '0.03'],
            'a coupon of the product counts for its variants' => [['cart.0.sku' => 'wrap-s', 'coupon' => ['code' => 'A', 'kind' => 'percent', 'value' => '50', 'skus' => ['wrap']]], 'discount', '3.25'],
            'a coupon of a variant not for another' => [['cart.0.sku' => 'wrap-s', 'coupon' => ['code' => 'A', 'kind' => 'percent', 'value' => '50', 'skus' => ['wrap-l']]], 'discount', '0.00'],
            'a coupon needs its least sum' => [['coupon' => ['code' => 'A', 'kind' => 'amount', 'value' => '5.00', 'min_spend' => '9.81']], 'discount', '0.00'],
            'which the sum may just reach' => [['coupon' => ['code' => 'A', 'kind' => 'amount', 'value' => '5.00', 'min_spend' => '9.80']], 'discount', '5.00'],
            'a coupon takes no more than there is' => [['coupon' => ['code' => 'A', 'kind' => 'amount', 'value' => '50.00']], 'discount', '9.80'],
            'a donation is not reduced' => [['cart.0' => ['sku' => 'hedgerow', 'quantity' => 1], 'coupon' => ['code' => 'A', 'kind' => 'percent', 'value' => '50']], 'discount', '0.00'],
            'a deposit is for each piece' => [['cart.0' => $hive], 'due_now', '100.00'],
            'a discount to the deposit makes all of it due' => [['cart.0' => $hive, 'coupon' => ['code' => 'A', 'kind' => 'amount', 'value' => '598.00'], 'shop.zones.0.free_from' => '0.00'], 'due_now', '100.00'],
            'gift cards pay what is due, no more' => [['gift_cards' => [['code' => 'A', 'balance' => '5.00'], ['code' => 'B', 'balance' => '500.00']]], 'due_now', '0.00'],
            'a plan begun on a leap day' => [['at' => '2028-02-29T10:00:00Z'] + $plan(['unit' => 'year', 'payments' => 5]), 'later', '2029-02-28=9.00 2030-02-28=9.00 2031-02-28=9.00 2032-02-29=9.00'],
            'today is the date in the shop’s zone' => [['at' => '2026-06-30T23:30:00Z'] + $plan(['payments' => 2]), 'later', '2026-08-01=9.00'],
            'and with summer time over, too' => [['at' => '2026-10-24T23:30:00Z'] + $plan(['payments' => 3, 'unit' => 'week']), 'later', '2026-11-01=9.00 2026-11-08=9.00'],
            'a sign-up fee is no payment' => [$plan(['payments' => 2, 'sign_up' => '5.00', 'trial_days' => 14]), 'later', '2026-05-04=9.00 2026-06-04=9.00'],
            'a plan not on sale never gets its sale' => [$plan(['payments' => 2, 'sale' => ['price' => '1.00', 'from' => '2026-05-01T00:00:00Z']]), 'later', '2026-05-20=9.00'],
            'a gift card sold is neither income nor cost' => [['cart.0' => ['sku' => 'card', 'quantity' => 1], 'shop.payment_fee' => null], 'profit', '0.00'],
            'the seller may lose' => [['products.0.cost' => '20.00'], 'profit', '-10.76'],
        ];
    }

    public function test_an_amount_explains_itself_and_names_the_rule_it_overrode(): void
    {
        $receipt = Documents::quote(Documents::with(['at' => '2026-05-01T00:00:00+01:00', 'coupon' => ['code' => 'MAY', 'kind' => 'percent', 'value' => '10']]));
        $because = Because::of($receipt);

        self::assertSame('Orders under €20.00 ship for €3.90; the fee on the item does not count.', $because->shipping->in(Wording::english()));
        self::assertSame('Coupon “MAY” takes 10 % off.', $because->discount?->in(Wording::english()));
        self::assertSame('On sale for €8.40 instead of €9.80.', LineBecause::of($receipt->lines[0], $receipt)->unit?->in(Wording::english()));
        self::assertSame([], Because::findings($receipt));
    }

    /** @param  array<string, string>  $coupon */
    #[DataProvider('idleCoupons')]
    public function test_a_coupon_that_does_nothing_says_why(array $coupon, string $finding): void
    {
        $receipt = Documents::quote(Documents::with(['coupon' => $coupon + ['code' => 'A', 'kind' => 'free_shipping']]));

        self::assertSame([[$finding], '3.90'], [array_map(static fn (Said $said): string => $said->in(Wording::english()), Because::findings($receipt)), $receipt->shipping->fee->decimal()]);
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    public static function idleCoupons(): iterable
    {
        yield from [
            [['from' => '2026-05-01T00:00:00Z'], 'Coupon “A” does not count yet.'],
            [['until' => '2026-04-20T10:00:00+01:00'], 'Coupon “A” has run out.'],
            [['min_spend' => '20.00'], 'Coupon “A” counts from €20.00 of the goods it is for; add a little more.'],
            [['skus' => ['wrap']], 'Coupon “A” counts for nothing in this cart.'],
        ];
    }

    #[DataProvider('wrongQuantities')]
    public function test_a_wrong_quantity_is_refused(string $entry): void
    {
        $this->expectException(InvalidQuantity::class);

        Quantity::fromEntry($entry);
    }

    /** @return iterable<array{string}> */
    public static function wrongQuantities(): iterable
    {
        yield from [['0'], ['10000'], ['-1'], ['1.5'], [''], ["2\n"], ['two'], ['9999999']];
    }
}
