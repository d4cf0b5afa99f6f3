<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\Casts\ShopRulesEntry;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Product;
use App\Models\Shop;
use App\Orders\CouponUse;
use App\Payments\SettlePayment;
use App\Text\Secrets;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Checkout\Demand;
use PaperKite\Payment\ProviderState;
use PaperKite\Quote\CouponKind;
use Tests\Support\FakeProvider;
use Tests\TestCase;

/** The checkout as a shop's own rules make it: what it asks, where it ships, what it adds, and where it leads. */
final class CheckoutByTheRulesTest extends TestCase
{
    private const TYPED = ['email' => 'ada@letters.example', 'name' => 'Ada Nwosu-Reed', 'street' => '12 Chandler Court', 'postcode' => '', 'town' => 'Tarnmouth', 'country' => 'IE'];

    private const RULES = [
        'prices_include_tax' => false, 'timezone' => 'Europe/Dublin', 'shipping_tax_class' => null, 'tax' => [['country' => 'DE', 'class' => 'standard', 'rate' => '19']],
        'zones' => [
            ['name' => 'Home', 'countries' => ['IE'], 'table' => ['by' => 'total', 'bands' => [['from' => '0', 'fee' => '3.90']]]],
            ['name' => 'Europe', 'countries' => ['DE'], 'table' => ['by' => 'weight', 'limit' => 1000, 'bands' => [['from' => 0, 'fee' => '6.50'], ['from' => 500, 'fee' => '9.80']]]],
        ],
    ];

    private Shop $shop;

    private Product $honey;

    private Cart $cart;

    private string $visitor;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->ruledBy(self::RULES);
        $this->honey = $this->product($this->shop, ['weight_g' => 520]);
        $this->visitor = Secrets::token();
        $this->cart = Cart::query()->create(['shop_id' => $this->shop->id, 'ref' => Secrets::ref(), 'visitor' => hash('sha256', $this->visitor), 'created_at' => now()]);
        $this->cart->lines()->create(['product_id' => $this->honey->id, 'quantity' => 1]);
    }

    public function test_another_country_has_another_bill_and_what_was_typed_stays(): void
    {
        $this->page()->assertSee('Pay €13.70')->assertSee('<option value="IE" selected>', false)->assertDontSee('Afghanistan');

        $this->send(['update' => '1', 'country' => 'DE', 'name' => 'Jonas'])->assertStatus(303);
        $this->page()->assertSee('Pay €21.46')->assertSee('€1.86')->assertSee('value="Jonas"', false)->assertSee('<option value="DE" selected>', false);
    }

    public function test_a_country_to_which_nothing_ships_is_told_at_the_country(): void
    {
        $this->send(['update' => '1', 'country' => 'US'])->assertStatus(303);

        $this->page()->assertSee('This shop does not ship to United States; choose another country.')->assertSee('id="country-error"', false)->assertDontSee('wide" name="pay"', false);
        $this->send(['country' => 'US'], pay: true)->assertStatus(409);
        self::assertSame(0, Payment::query()->count());
    }

    public function test_more_than_can_be_sent_at_once_is_told_with_what_to_do(): void
    {
        $this->cart->lines()->update(['quantity' => 2]);
        $this->send(['update' => '1', 'country' => 'DE'])->assertStatus(303);

        $this->page()->assertSee('At most 1,000 g can be sent there at once; take less, or order in two parts.')->assertDontSee('wide" name="pay"', false);
    }

    public function test_a_shop_that_ships_nowhere_yet_says_so(): void
    {
        $this->ruledBy(['zones' => []] + self::RULES);

        $this->page()->assertSee('This shop does not ship to Ireland');
    }

    public function test_what_the_seller_asks_for_must_be_given_and_stands_in_the_order(): void
    {
        $this->shop->update(['checkout_rules' => new CheckoutRules(['phone' => Demand::Required, 'comment' => Demand::Optional, 'company' => Demand::Optional])]);
        $this->page()->assertSee('Phone')->assertSee('Anything we should know');

        $this->send([], pay: true)->assertUnprocessable()->assertSee('The phone number is missing.');
        $this->send(['phone' => '+353 1 5550 100', 'comment' => "Ring.\r\nThe dog is kind.", 'company' => 'Reed & Daughters'], pay: true)->assertStatus(303);
        $this->settle();

        $order = Order::query()->sole();
        self::assertSame(['+353 1 5550 100', "Ring.\nThe dog is kind.", 'Reed & Daughters'], [$order->phone, $order->comment, $order->company]);
        $this->actingAs($this->person($this->shop))->getJson($this->console("/api/shops/{$this->shop->slug}/orders/{$order->number}"))->assertOk()->assertJsonPath('comment', "Ring.\nThe dog is kind.")->assertJsonPath('address.1', 'Reed & Daughters');
    }

    public function test_what_is_not_asked_is_not_taken(): void
    {
        $this->send(['phone' => '+353 1 5550 100', 'comment' => 'Hello'], pay: true)->assertStatus(303);
        $this->settle();

        self::assertSame(['', ''], [Order::query()->sole()->phone, Order::query()->sole()->comment]);
    }

    public function test_after_paying_and_after_leaving_the_shopper_goes_where_the_seller_says(): void
    {
        $this->shop->update(['checkout_rules' => new CheckoutRules(afterPaying: 'https://www.fern.example/thanks', afterCancelling: 'https://www.fern.example/pity', hosts: ['www.fern.example'])]);
        $this->send([], pay: true)->assertStatus(303);
        $payment = Payment::query()->with('checkout')->sole();

        $this->get($this->shop->base()."/cancelled/{$payment->checkout->reference}")->assertStatus(303)->assertHeader('Location', 'https://www.fern.example/pity');
        $this->settle();
        $this->get($this->shop->base()."/return/{$payment->checkout->reference}")->assertStatus(303)->assertHeader('Location', 'https://www.fern.example/thanks');
    }

    public function test_a_coupon_that_this_shopper_has_used_up_is_taken_out_before_paying(): void
    {
        $coupon = $this->shop->coupons()->create(['code' => 'ONCE', 'kind' => CouponKind::FreeShipping, 'most_uses_each' => 1]);
        $this->send(['coupon' => 'ONCE', 'apply' => '1'])->assertStatus(303);
        $this->page()->assertSee('Pay €9.80');
        $this->send([], pay: true)->assertStatus(303);
        $this->settle();
        self::assertTrue(app(CouponUse::class)->isSpentFor($coupon, 'ADA@letters.example'));

        $this->cart->lines()->create(['product_id' => $this->honey->id, 'quantity' => 1]);
        $this->send(['coupon' => 'ONCE', 'apply' => '1'])->assertStatus(303);
        $this->send([], pay: true)->assertStatus(409)->assertSee('as often as it may be, and is taken out')->assertSee('Pay €13.70');
        self::assertNull($this->cart->refresh()->coupon_code);
    }

    public function test_the_checkout_names_the_texts_that_there_are(): void
    {
        $this->page()->assertDontSee('you agree');
        $this->shop->update(['checkout_rules' => new CheckoutRules(terms: '<p>Fair.</p>')]);

        $this->page()->assertSee('you agree to our')->assertSee('href="/terms"', false)->assertDontSee('href="/policy"', false);
    }

    /** @param  array<string, mixed>  $rules */
    private function ruledBy(array $rules): void
    {
        $this->shop->update(['rules' => ShopRulesEntry::read('EUR', $rules)->rules ?? self::fail('The rules are wrong.')]);
    }

    private function settle(): void
    {
        $payment = Payment::query()->latest('id')->firstOrFail();
        ($this->app?->make(SettlePayment::class) ?? self::fail())($payment, FakeProvider::statement($payment, ProviderState::Authorised));
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function page(): TestResponse
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->get($this->at(), ['Accept-Language' => 'en'])->assertOk();
    }

    /**
     * @param  array<string, string>  $form
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function send(array $form, bool $pay = false): TestResponse
    {
        preg_match('/name="digest" value="([0-9a-f]*)"/', (string) $this->page()->getContent(), $found);

        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post($this->at(), $form + ($pay ? ['pay' => '1'] : []) + ['digest' => $found[1] ?? ''] + self::TYPED);
    }

    private function at(): string
    {
        return "{$this->shop->base()}/checkout/{$this->cart->ref}";
    }
}
