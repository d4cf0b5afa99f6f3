<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Carts\CartContents;
use App\Carts\ReckonCart;
use App\Catalogue\SaveVariants;
use App\Models\CheckoutState;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use App\Payments\SettlePayment;
use App\Payments\VoidPayment;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Money\Percentage;
use PaperKite\Payment\ProviderState;
use PaperKite\Quote\CouponKind;
use PaperKite\Quote\PaymentFee;
use PaperKite\Quote\ShopRules;
use PaperKite\Quote\TaxRates;
use PaperKite\Words\Wording;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FakeProvider;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** What an order takes from the shelf and from a coupon, and what it keeps of the day on which it was paid. */
final class SoldGoodsTest extends TestCase
{
    use OpensPayments;

    private Shop $shop;

    private Product $honey;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['stock' => 2, 'sale_minor' => 840]);
    }

    public function test_a_variant_is_taken_from_its_own_stock(): void
    {
        $wrap = $this->product($this->shop, ['has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        [$small, $large] = array_map(fn (string $size): Variant => $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => "wrap-{$size}", 'choices' => [$size], 'choices_digest' => SaveVariants::digest([$size]), 'stock' => 3]), ['Small', 'Large']);

        $this->settle($this->opened($this->shop, $wrap->refresh(), 2, $large));

        self::assertSame([3, 1], [$small->refresh()->stock, $large->refresh()->stock]);
        self::assertSame('Large', Order::query()->with('lines')->sole()->lines->sole()->choices);
    }

    public function test_where_it_is_allowed_more_is_sold_than_is_there_and_the_rest_is_told(): void
    {
        $this->honey->update(['allows_back_order' => true]);

        $this->settle($this->opened($this->shop, $this->honey->refresh(), 5));

        self::assertSame(0, $this->honey->refresh()->stock);
        self::assertSame([5, 3], [Order::query()->with('lines')->sole()->lines->sole()->quantity, Order::query()->with('lines')->sole()->lines->sole()->back_ordered]);
    }

    public function test_an_order_keeps_what_was_true_when_it_was_paid(): void
    {
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Amount, 'amount_minor' => 100]);
        $payment = $this->opened($this->shop, $this->honey, 1, coupon: 'MAY');
        $this->honey->update(['name' => 'Other honey', 'price_minor' => 9900, 'sale_minor' => null]);
        $this->shipsFor($this->shop, 0);

        $this->settle($payment);
        $order = Order::query()->with('lines')->sole();

        self::assertSame(['Heather honey, 340 g', 840, 100, 'On sale for €8.40 instead of €9.80.'], [$order->lines->sole()->name, $order->lines->sole()->unit_minor, $order->lines->sole()->discount_minor, $order->lines->sole()->because?->in(Wording::english())]);
        self::assertSame([840, 100, 390, 1130, 'MAY', 'Coupon “MAY” takes €1.00 off.'], [$order->items_minor, $order->discount_minor, $order->shipping_minor, $order->total_minor, $order->coupon_code, ($order->reasons['discount'] ?? null)?->in(Wording::english())]);
    }

    public function test_the_bill_of_an_order_is_the_one_that_was_shown(): void
    {
        foreach ([true, false] as $areContained) {
            $rules = $this->shop->rules();
            $this->shop->update(['rules' => new ShopRules($rules->currency, $rules->timezone, new TaxRates($areContained, ['GB' => ['standard' => Percentage::fromEntry('20')]]), 'standard', $rules->zones)]);
            $this->shop->coupons()->updateOrCreate(['code' => 'MAY'], ['kind' => CouponKind::Amount, 'amount_minor' => 100]);
            $payment = $this->opened($this->shop, $this->honey, 1, coupon: 'MAY', email: 'ada'.(int) $areContained.'@letters.example');
            $shown = app(ReckonCart::class)($this->shop, CartContents::of($payment->checkout->cart?->load('lines') ?? self::fail('The cart is gone.')), 'GB')->bill();

            $this->settle($payment);

            self::assertEquals($shown, Order::query()->where('checkout_id', $payment->checkout_id)->with('lines')->sole()->bill());
        }
    }

    public function test_an_order_keeps_the_tax_and_the_profit_of_each_line(): void
    {
        $rules = $this->shop->rules();
        $rates = ['GB' => ['standard' => Percentage::fromEntry('23'), 'food' => Percentage::fromEntry('0')]];
        $this->shop->update(['rules' => new ShopRules($rules->currency, $rules->timezone, new TaxRates(true, $rates), 'standard', $rules->zones, new PaymentFee(Percentage::fromEntry('2.9'), $this->shop->money(30)))]);
        $this->honey->update(['sale_minor' => null, 'cost_minor' => 400]);
        $this->settle($this->opened($this->shop->refresh(), $this->honey->refresh(), 2));
        $order = Order::query()->with('lines')->sole();
        $line = $order->lines->sole();

        // 19.60 contains 3.67 at 23 %, the 3.90 of shipping 0.73; 2.9 % of 23.50 and 0.30 go to the provider.
        self::assertSame(['standard', '23', 367, 1960 - 367 - 800], [$line->tax_class, $line->tax_rate, $line->tax_minor, $line->profit_minor]);
        self::assertSame([73, '23', 440], [$order->shipping_tax_minor, $order->shipping_tax_rate, $order->tax_minor]);
        self::assertSame(1960 - 367 - 800 - 98, $order->profit_minor);
    }

    public function test_what_is_not_taxed_says_so_and_what_a_former_release_froze_says_nothing(): void
    {
        $this->settle($this->opened($this->shop, $this->honey, 1));
        $untaxed = Order::query()->with('lines')->sole();
        self::assertSame(['standard', '0', 0, '0', 0], [$untaxed->lines->sole()->tax_class, $untaxed->lines->sole()->tax_rate, $untaxed->lines->sole()->tax_minor, $untaxed->shipping_tax_rate, $untaxed->shipping_tax_minor]);

        $former = $this->opened($this->shop, $this->honey, 1, email: 'bo@letters.example');
        $kept = json_decode(is_string($json = DB::table('checkouts')->where('id', $former->checkout_id)->value('bill')) ? $json : '', true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($kept);
        self::assertIsArray($kept['lines']);
        $kept['lines'] = array_map(static fn (mixed $line): array => array_diff_key((array) $line, ['taxClass' => 0, 'taxRate' => 0, 'profitMinor' => 0]), $kept['lines']);
        DB::table('checkouts')->where('id', $former->checkout_id)->update(['bill' => json_encode(array_diff_key($kept, ['shippingTaxMinor' => 0, 'shippingTaxRate' => 0, 'dueNowMinor' => 0, 'currency' => 0]))]);
        $this->settle($former->refresh());
        $order = Order::query()->with('lines')->where('email', 'bo@letters.example')->sole();

        self::assertSame([null, null, null, null, null], [$order->lines->sole()->tax_class, $order->lines->sole()->tax_rate, $order->lines->sole()->profit_minor, $order->shipping_tax_rate, $order->shipping_tax_minor]);
    }

    public function test_the_zone_of_a_shop_can_be_read_without_its_rules(): void
    {
        $rules = $this->shop->rules();
        $this->shop->update(['rules' => new ShopRules($rules->currency, new \DateTimeZone('Asia/Kathmandu'), $rules->tax, null, $rules->zones)]);

        self::assertSame('Asia/Kathmandu', DB::table('shops')->where('id', $this->shop->id)->value('timezone'));
    }

    /** @param  array<string, mixed>  $limit */
    #[DataProvider('couponLimits')]
    public function test_a_coupon_is_used_no_more_often_than_it_may_be(array $limit): void
    {
        $coupon = $this->shop->coupons()->create($limit + ['code' => 'MAY', 'kind' => CouponKind::FreeShipping]);
        // Both shoppers have pressed pay before either has paid.
        $payments = array_map(fn (): Payment => $this->opened($this->shop, $this->honey, 1, coupon: 'MAY'), range(1, 2));

        array_map($this->settle(...), $payments);

        self::assertSame([1, 1], [$coupon->refresh()->uses, Order::query()->count()]);
        self::assertSame(CheckoutState::SoldOut, $payments[1]->checkout->refresh()->state);
        self::assertSame(1, $this->honey->refresh()->stock);
        Queue::assertPushed(VoidPayment::class, 1);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function couponLimits(): iterable
    {
        yield 'in all' => [['most_uses' => 1]];
        yield 'by one shopper' => [['most_uses_each' => 1]];
    }

    #[DataProvider('impossible')]
    public function test_what_must_never_be_the_database_refuses(string $statement): void
    {
        $wrap = $this->product($this->shop, ['has_variants' => true]);
        foreach (['a', 'b'] as $choice) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => "w-{$choice}", 'choices' => [$choice], 'choices_digest' => SaveVariants::digest([$choice]), 'price_minor' => 500]);
        }
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::FreeShipping, 'most_uses' => 1]);
        $this->settle($this->opened($this->shop, $this->honey, 1));

        $this->expectException(QueryException::class);

        DB::statement($statement);
    }

    /** @return iterable<string, array{string}> */
    public static function impossible(): iterable
    {
        yield 'less than nothing on the shelf' => ['UPDATE variants SET stock = -1'];
        yield 'a sale above the price' => ['UPDATE variants SET sale_minor = 501'];
        yield 'two preselected variants' => ['UPDATE variants SET is_preselected = 1'];
        yield 'a line without an order' => ['UPDATE order_lines SET order_id = NULL'];
        yield 'a discount beyond the line' => ['UPDATE order_lines SET discount_minor = subtotal_minor + 1'];
        yield 'a total that is not its parts' => ['UPDATE orders SET tax_is_contained = 0, tax_minor = 1'];
        yield 'a coupon used too often' => ['UPDATE coupons SET uses = 2'];
    }

    private function settle(Payment $payment): void
    {
        ($this->app?->make(SettlePayment::class) ?? self::fail())($payment, FakeProvider::statement($payment, ProviderState::Authorised));
    }
}
