<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Carts\CartContents;
use App\Carts\ReckonCart;
use App\Models\Cart;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Product;
use App\Models\Shop;
use App\Payments\CapturePayment;
use App\Payments\SettlePayment;
use App\Payments\VoidPayment;
use App\Text\Secrets;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Checkout\CartDigest;
use PaperKite\Payment\ProviderState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FakeProvider;
use Tests\TestCase;

final class CheckoutTest extends TestCase
{
    private const DETAILS = ['email' => 'ada@letters.example', 'name' => 'Ada Nwosu-Reed', 'street' => '12 Chandler Court', 'postcode' => 'VT1 9DD', 'town' => 'Tarnmouth', 'country' => 'GB'];

    private Shop $shop;

    private Product $honey;

    private Cart $cart;

    private string $visitor;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['stock' => 5]);
        $this->visitor = Secrets::token();
        $this->cart = Cart::query()->create(['shop_id' => $this->shop->id, 'ref' => Secrets::ref(), 'visitor' => hash('sha256', $this->visitor), 'shared_by' => hash('sha256', $this->visitor), 'created_at' => now()]);
        $this->cart->lines()->create(['product_id' => $this->honey->id, 'quantity' => 2]);
    }

    public function test_the_page_shows_goods_bill_and_the_amount_on_the_button(): void
    {
        $this->withVisitor()->get($this->address())->assertOk()
            ->assertSee('Heather honey, 340 g')->assertSee('Every order ships for €3.90, however much is in it.')->assertSee('Pay €23.50')
            ->assertHeader('Referrer-Policy', 'no-referrer')->assertHeader('X-Content-Type-Options', 'nosniff');
    }

    public function test_paying_opens_one_payment_and_leads_to_its_page(): void
    {
        $this->pay()->assertStatus(303);
        $payment = Payment::query()->with('checkout')->firstOrFail();

        self::assertSame([2350, 'EUR', 'tarn-side', PaymentState::Open], [$payment->amount_minor, $payment->currency, $payment->payee, $payment->state]);
        self::assertSame('Ada Nwosu-Reed', $payment->checkout->bill->shopper->name);
        $this->pay()->assertStatus(303)->assertHeader('Location', (string) $payment->hosted_url);
        self::assertSame([1, ["open {$payment->reference}"]], [Payment::query()->count(), $this->provider->asked]);
        self::assertSame(0, Order::query()->count());
    }

    /** @param  array<string, string>  $typed */
    #[DataProvider('wrong')]
    public function test_a_wrong_field_is_told_at_the_field_and_what_was_typed_stays(array $typed, string $sentence): void
    {
        $this->pay($typed)->assertUnprocessable()->assertSee($sentence)->assertSee('12 Chandler Court')->assertSee('aria-invalid="true"', false);
        self::assertSame(0, Payment::query()->count());
        $this->withVisitor()->get($this->address())->assertOk()->assertSee('12 Chandler Court');
    }

    /** @return iterable<array{array<string, string>, string}> */
    public static function wrong(): iterable
    {
        yield [['email' => 'ada'], 'This is not an e-mail address yet'];
        yield [['name' => ''], 'The name is missing.'];
        yield [['name' => str_repeat('x', 200)], 'shorten it to 120'];
        yield [['town' => "a\u{0007}"], 'control character'];
        yield [['country' => 'XX'], 'Pick the country from the list.'];
    }

    public function test_script_that_is_typed_is_shown_as_text(): void
    {
        $this->pay(['name' => '"><script>alert(1)</script>', 'email' => ''])->assertUnprocessable()->assertDontSee('<script>alert', false)->assertSee('&lt;script&gt;alert', false);
    }

    public function test_what_is_paid_is_what_was_shown(): void
    {
        $digest = $this->digest();
        $this->honey->update(['price_minor' => 1100]);

        $this->pay(digest: $digest)->assertStatus(409)->assertSee('The bill has changed')->assertSee('Pay €25.90')->assertSee('12 Chandler Court');
        self::assertSame(0, Payment::query()->count());
    }

    public function test_a_changed_quantity_is_reckoned_in_before_paying(): void
    {
        $line = $this->cart->lines()->firstOrFail();

        $this->pay(['quantity' => [$line->id => '3']])->assertStatus(303)->assertHeader('Location', "/checkout/{$this->cart->ref}?after=changed");
        self::assertSame([3, 0], [$line->refresh()->quantity, Payment::query()->count()]);
        $this->pay(['quantity' => [$line->id => '-1']])->assertUnprocessable()->assertSee('The quantity can', false)->assertSee('value="-1"', false);
        $this->pay(['remove' => (string) $line->id])->assertStatus(303);
        $this->withVisitor()->get($this->address())->assertOk()->assertSee('The cart is empty');
    }

    public function test_goods_that_sold_out_meanwhile_are_told_at_their_line(): void
    {
        $this->honey->update(['stock' => 1]);

        $this->pay()->assertStatus(409)->assertSee('Only 1 left; take fewer to go on.');
        self::assertSame(0, Payment::query()->count());
    }

    public function test_a_provider_that_is_down_costs_nothing_but_a_moment(): void
    {
        $this->provider->isDown = true;
        $this->pay()->assertStatus(503)->assertSee('Nothing was paid')->assertSee('12 Chandler Court');

        $this->provider->isDown = false;
        $this->pay()->assertStatus(303);
        self::assertSame(1, Payment::query()->count());
    }

    public function test_another_try_after_the_bank_said_no_is_the_same_checkout_and_ends_in_one_order(): void
    {
        $this->pay();
        $first = Payment::query()->firstOrFail();
        app(SettlePayment::class)($first, FakeProvider::statement($first, ProviderState::Declined));
        $this->pay()->assertStatus(303);
        $second = Payment::query()->latest('id')->firstOrFail();

        app(SettlePayment::class)($second, FakeProvider::statement($second, ProviderState::Authorised));
        // The bank thinks better of the first one: nobody waits for it any more.
        $late = app(SettlePayment::class)($first, FakeProvider::statement($first, ProviderState::Authorised));

        self::assertSame([1, 2, 1], [Checkout::query()->count(), Payment::query()->count(), Order::query()->count()]);
        self::assertSame([PaymentState::Authorised, true], [$late->state, $late->void_wanted_at !== null]);
        Queue::assertPushed(CapturePayment::class, static fn (CapturePayment $job): bool => $job->paymentId === $second->id);
        Queue::assertPushed(VoidPayment::class, static fn (VoidPayment $job): bool => $job->paymentId === $first->id);
    }

    public function test_whoever_comes_back_to_a_payment_that_was_given_back_waits_for_nothing(): void
    {
        $this->pay();
        $payment = Payment::query()->with('checkout')->firstOrFail();
        foreach ([ProviderState::Declined, ProviderState::Authorised] as $state) {
            app(SettlePayment::class)($payment, FakeProvider::statement($payment, $state));
        }

        $this->get("http://{$this->shop->host}/return/{$payment->checkout->reference}")->assertStatus(303)->assertHeader('Location', "/checkout/{$this->cart->ref}?after=declined");
        self::assertSame(0, Order::query()->count());
    }

    public function test_a_changed_cart_replaces_the_payment_that_was_open(): void
    {
        $this->pay();
        $first = Payment::query()->with('checkout')->firstOrFail();
        $this->cart->lines()->firstOrFail()->update(['quantity' => 1]);

        $this->pay()->assertStatus(303);

        self::assertSame([CheckoutState::Superseded, PaymentState::Open, 2, 2], [$first->checkout->refresh()->state, $first->refresh()->state, Payment::query()->count(), Checkout::query()->count()]);
        Queue::assertPushed(VoidPayment::class, static fn (VoidPayment $job): bool => $job->paymentId === $first->id);
    }

    public function test_with_nothing_to_pay_the_order_is_complete_without_the_provider(): void
    {
        $this->shipsFor($this->shop, 0);
        $this->honey->update(['price_minor' => 0]);

        $this->withVisitor()->get($this->address())->assertSee('Order for free');
        $this->pay()->assertStatus(303);

        self::assertSame([], $this->provider->asked);
        self::assertSame([0, true], [Order::query()->firstOrFail()->total_minor, Order::query()->firstOrFail()->captured_at !== null]);
        self::assertSame(3, $this->honey->refresh()->stock);
    }

    public function test_another_browser_can_not_open_the_cart(): void
    {
        $this->withUnencryptedCookies(['kite_visitor' => Secrets::token()])->get($this->address())->assertNotFound()->assertSee('This cart is not here');
        $this->get("http://{$this->shop()->host}/checkout/{$this->cart->ref}")->assertNotFound();
    }

    public function test_a_form_from_another_site_is_refused(): void
    {
        $this->withVisitor()->post($this->address(), self::DETAILS, ['Origin' => 'http://blog.localhost'])->assertForbidden();
        $this->withVisitor()->post($this->address(), self::DETAILS, ['Origin' => 'null', 'Sec-Fetch-Site' => 'cross-site'])->assertForbidden();
        $this->withVisitor()->post($this->address(), self::DETAILS, ['Sec-Fetch-Site' => 'same-site'])->assertForbidden();
        $this->withVisitor()->post($this->address(), ['digest' => $this->digest()] + self::DETAILS, ['Origin' => $this->shop->base()])->assertStatus(303);
    }

    public function test_the_cart_is_edited_on_its_own_page_too(): void
    {
        $line = $this->cart->lines()->firstOrFail();
        $cart = "http://{$this->shop->host}/cart";

        $this->withVisitor()->get($cart)->assertOk()->assertSee('€23.50');
        $this->withVisitor()->post($cart, ['quantity' => [$line->id => 'x']])->assertUnprocessable()->assertSee('value="x"', false);
        $this->withVisitor()->post($cart, ['quantity' => [$line->id => '4'], 'to_checkout' => '1'])->assertStatus(303)->assertHeader('Location', "/checkout/{$this->cart->ref}");
        $this->withVisitor()->post("{$cart}/add", ['sku' => $this->honey->sku, 'quantity' => '2'])->assertStatus(303);
        self::assertSame(6, $line->refresh()->quantity);
        $this->withVisitor()->post("{$cart}/add", ['sku' => $this->honey->sku, 'quantity' => '0'])->assertUnprocessable()->assertSee('The quantity can', false);
        $this->withVisitor()->post($cart, ['remove' => (string) $line->id])->assertStatus(303);
        $this->withVisitor()->get($cart)->assertSee('Nothing is in it yet.');
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function pay(array $with = [], ?string $digest = null): TestResponse
    {
        return $this->withVisitor()->post($this->address(), $with + ['digest' => $digest ?? $this->digest(), 'pay' => '1'] + self::DETAILS);
    }

    private function withVisitor(): self
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor]);
    }

    private function address(): string
    {
        return "http://{$this->shop->host}/checkout/{$this->cart->ref}";
    }

    private function digest(): string
    {
        return CartDigest::of(app(ReckonCart::class)(Shop::query()->findOrFail($this->shop->id), CartContents::of(Cart::query()->findOrFail($this->cart->id)), 'GB')->receipt ?? self::fail('The cart can’t be reckoned.'));
    }
}
