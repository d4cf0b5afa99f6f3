<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CartLine;
use App\Models\CheckoutState;
use App\Models\Order;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Product;
use App\Models\RefusedEvent;
use App\Models\Shop;
use App\Models\StockMovement;
use App\Payments\CapturePayment;
use App\Payments\NoteCapture;
use App\Payments\PaymentProvider;
use App\Payments\RefuseEvent;
use App\Payments\SettlePayment;
use App\Payments\StandinProvider;
use App\Payments\VoidPayment;
use App\Text\Secrets;
use App\Time\Clock;
use Illuminate\Database\QueryException;
use Illuminate\Http\Client\Factory;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PaperKite\Payment\PaymentTerms;
use PaperKite\Payment\ProviderState;
use StandardWebhooks\Webhook;
use Tests\Support\FakeProvider;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** From what the provider says to an order, once. */
final class SettlementTest extends TestCase
{
    use OpensPayments;

    private const SECRET = 'whsec_dGVzdCBzZWNyZXQgdGhhdCBpcyBsb25nIGVub3VnaA==';

    private Shop $shop;

    private Product $honey;

    private Payment $payment;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['stock' => 5]);
        $this->payment = $this->opened($this->shop, $this->honey, 2);
    }

    public function test_an_authorisation_writes_the_order_takes_the_stock_and_empties_the_cart(): void
    {
        $this->settle(ProviderState::Authorised);
        $order = Order::query()->with('lines')->firstOrFail();

        self::assertSame([1001, 2350, 'Ada Nwosu-Reed', null], [$order->number, $order->total_minor, $order->name, $order->captured_at]);
        self::assertSame(['Heather honey, 340 g', 2, 980, 1960], [$order->lines[0]?->name, $order->lines[0]?->quantity, $order->lines[0]?->unit_minor, $order->lines[0]?->subtotal_minor]);
        self::assertSame([3, 1, 0], [$this->honey->refresh()->stock, StockMovement::query()->count(), CartLine::query()->count()]);
        self::assertSame([CheckoutState::Ordered, PaymentState::Authorised], [$this->payment->checkout->refresh()->state, $this->payment->refresh()->state]);
        Queue::assertPushed(CapturePayment::class, 1);
    }

    public function test_however_often_it_is_said_there_is_one_order(): void
    {
        foreach ([ProviderState::Authorised, ProviderState::Authorised, ProviderState::Captured, ProviderState::Declined] as $state) {
            $this->settle($state);
        }

        self::assertSame([1, 1, 3], [Order::query()->count(), StockMovement::query()->count(), $this->honey->refresh()->stock]);
        Queue::assertPushed(CapturePayment::class, 1);
        Queue::assertNotPushed(VoidPayment::class);
    }

    public function test_without_the_goods_the_authorisation_is_given_back_and_nothing_is_written(): void
    {
        $candle = $this->product($this->shop, ['stock' => 9]);
        $payment = $this->opened($this->shop, $candle, 1);
        $this->honey->update(['stock' => 1]);
        $both = $this->payment;

        $this->settle(ProviderState::Authorised);

        self::assertSame([0, 0, 1], [Order::query()->count(), StockMovement::query()->count(), $this->honey->refresh()->stock]);
        self::assertSame([CheckoutState::SoldOut, PaymentState::Authorised], [$both->checkout->refresh()->state, $both->refresh()->state]);
        Queue::assertPushed(VoidPayment::class, 1);
        Queue::assertNotPushed(CapturePayment::class);
        $this->get("http://{$this->shop->host}/return/{$both->checkout->reference}")->assertOk()->assertSee('Somebody was quicker')->assertSee('Nothing was taken');
        self::assertSame(PaymentState::Open, $payment->refresh()->state);
    }

    public function test_a_payment_that_was_replaced_is_given_back(): void
    {
        $this->payment->checkout->update(['state' => CheckoutState::Superseded]);

        $this->settle(ProviderState::Authorised);

        self::assertSame(0, Order::query()->count());
        Queue::assertPushed(VoidPayment::class, 1);
    }

    public function test_what_differs_from_the_payment_that_was_opened_is_refused_and_shown(): void
    {
        $terms = new PaymentTerms((string) $this->payment->provider_id, $this->shop->money(1), $this->payment->payee, $this->payment->cart_digest);
        for ($time = 0; $time < 3; $time++) {
            ($this->app?->make(SettlePayment::class) ?? self::fail())($this->payment, FakeProvider::statement($this->payment, ProviderState::Authorised, $terms));
        }

        self::assertSame([0, 1, 3], [Order::query()->count(), RefusedEvent::query()->count(), RefusedEvent::query()->firstOrFail()->times]);
        $this->actingAs($this->person($this->shop))->getJson($this->console("/api/shops/{$this->shop->slug}/refused-events"))
            ->assertOk()->assertJsonPath('0.reason', 'A message about it does not fit and was not believed. It says €0.01, but €23.50 was to be paid.')->assertJsonPath('0.times', 3);
    }

    public function test_a_signed_event_is_believed_and_no_other(): void
    {
        $this->listenAsStandin();

        $this->deliver(['state' => 'authorised'], 'whsec_'.base64_encode('a forger'))->assertUnauthorized();
        self::assertSame([0, 'A message about it was not signed by the provider, and was not believed.'], [Order::query()->count(), RefusedEvent::query()->firstOrFail()->reason]);
        $this->deliver(['state' => 'authorised', 'payee' => 'somebody'])->assertNoContent();
        self::assertSame(0, Order::query()->count());
        $this->deliver(['state' => 'authorised', 'reference' => 'unknown'])->assertNotFound();
        $this->deliver(['state' => 'authorised'], timestamp: time() - 600)->assertUnauthorized();
        $this->deliver(['state' => 'authorised'])->assertNoContent();
        $this->deliver(['state' => 'authorised'])->assertNoContent();
        self::assertSame(1, Order::query()->count());
    }

    public function test_a_signed_event_of_an_unknown_state_is_kept_and_not_sent_again(): void
    {
        $this->listenAsStandin();

        $this->deliver(['state' => 'on_hold'])->assertNoContent();
        self::assertSame([0, PaymentState::Open], [Order::query()->count(), $this->payment->refresh()->state]);
        self::assertStringStartsWith('The provider says that it is “on_hold”, which Paper Kite does not know', RefusedEvent::query()->sole()->reason);
    }

    public function test_an_event_of_an_old_clock_is_called_that(): void
    {
        $this->listenAsStandin();

        $this->deliver(['state' => 'authorised'], timestamp: time() - 1200)->assertUnauthorized();
        self::assertStringContainsString('is 20 minutes old', RefusedEvent::query()->sole()->reason);
    }

    public function test_an_event_that_is_faster_than_our_own_note_is_to_come_again(): void
    {
        $this->listenAsStandin();
        $this->payment->update(['provider_id' => null]);

        $this->deliver(['state' => 'authorised', 'id' => 'pm-x'])->assertStatus(409);
        self::assertSame(0, Order::query()->count());
    }

    public function test_a_shopper_who_is_back_first_makes_the_shop_ask(): void
    {
        $return = "http://{$this->shop->host}/return/{$this->payment->checkout->reference}";

        $this->get($return)->assertOk()->assertSee('Waiting for the payment')->assertHeader('Refresh');
        $this->provider->isDown = true;
        $this->get($return)->assertOk()->assertSee('Waiting for the payment');
        $this->provider->isDown = false;
        $this->provider->state = ProviderState::Authorised;
        $thanks = (string) $this->get($return)->assertStatus(303)->headers->get('Location');
        $this->get($return)->assertStatus(303)->assertHeader('Location', $thanks);

        $this->get("http://{$this->shop->host}{$thanks}")->assertOk()->assertSee('1001')->assertSee('€23.50')->assertHeader('Referrer-Policy', 'no-referrer');
        self::assertSame(1, Order::query()->count());
        $this->get("http://{$this->shop->host}/thanks/".Secrets::token())->assertNotFound();
        $this->get("http://{$this->shop()->host}{$thanks}")->assertNotFound();
    }

    public function test_a_declined_or_left_payment_keeps_the_cart(): void
    {
        $this->provider->state = ProviderState::Declined;
        $this->get("http://{$this->shop->host}/return/{$this->payment->checkout->reference}")->assertStatus(303)->assertHeader('Location', "/checkout/{$this->payment->checkout->cart?->ref}?after=declined");
        $this->get("http://{$this->shop->host}/cancelled/{$this->payment->checkout->reference}")->assertOk()->assertSee('Nothing was paid');
        self::assertSame(1, CartLine::query()->count());
    }

    public function test_what_was_added_while_the_shopper_paid_stays_in_the_cart(): void
    {
        CartLine::query()->where('cart_id', $this->payment->checkout->cart_id)->update(['quantity' => 3]);

        $this->settle(ProviderState::Authorised);

        self::assertSame(1, CartLine::query()->firstOrFail()->quantity);
    }

    public function test_an_order_keeps_what_was_true_when_it_was_paid(): void
    {
        $this->honey->update(['name' => 'Another name', 'price_minor' => 1]);
        $this->settle(ProviderState::Authorised);

        $this->actingAs($this->person($this->shop))->getJson($this->console("/api/shops/{$this->shop->slug}/orders/1001"))
            ->assertOk()->assertJsonPath('bill.lines.0.name', 'Heather honey, 340 g')->assertJsonPath('bill.total.shown', '€23.50')->assertJsonPath('captured_at', null);
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/orders?search=Nwosu"))->assertJsonPath('items.0.goods', '2 × Heather honey, 340 g')->assertJsonPath('items.0.money.state', 'authorised');
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/orders?search=nobody"))->assertJsonPath('at.total', 0);
    }

    public function test_the_money_is_taken_from_the_queue_and_asked_for_until_it_is_answered(): void
    {
        $this->settle(ProviderState::Authorised);
        $job = new CapturePayment($this->payment->id);

        $job->handle($this->provider, app(RefuseEvent::class), app(NoteCapture::class));
        self::assertNotNull(Order::query()->firstOrFail()->captured_at);
        (new VoidPayment($this->payment->id))->handle($this->provider, app(RefuseEvent::class), new Clock);
        self::assertSame(["capture {$this->payment->reference}", "void {$this->payment->reference}"], $this->provider->asked);
        self::assertSame([0, 300], [$job->tries, last($job->backoff())]);
    }

    public function test_money_that_the_provider_will_not_hand_over_is_told_to_the_seller(): void
    {
        $this->settle(ProviderState::Authorised);
        $this->provider->refusesToCapture = true;

        (new CapturePayment($this->payment->id))->handle($this->provider, app(RefuseEvent::class), app(NoteCapture::class));

        self::assertNull(Order::query()->firstOrFail()->captured_at);
        self::assertSame('The provider answered that it will not capture this payment; ask it why before anything is sent.', RefusedEvent::query()->firstOrFail()->reason);
    }

    public function test_a_sum_that_is_not_its_parts_the_database_refuses(): void
    {
        $this->settle(ProviderState::Authorised);

        $this->expectException(QueryException::class);

        DB::table('orders')->update(['total_minor' => 1]);
    }

    private function settle(ProviderState $state): void
    {
        ($this->app?->make(SettlePayment::class) ?? self::fail())($this->payment, FakeProvider::statement($this->payment, $state));
    }

    private function listenAsStandin(): void
    {
        $this->app?->instance(PaymentProvider::class, new StandinProvider(new Factory, 'http://127.0.0.1:9/api', 'pay.localhost', 'http://pay.localhost', 'key', self::SECRET, new Clock));
    }

    /**
     * @param  array<string, string>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function deliver(array $with, string $secret = self::SECRET, ?int $timestamp = null): TestResponse
    {
        $body = (string) json_encode(['type' => 'payment.authorised', 'data' => $with + [
            'id' => $this->payment->provider_id, 'reference' => $this->payment->reference, 'amount' => '23.50', 'currency' => 'EUR', 'payee' => 'tarn-side', 'digest' => $this->payment->cart_digest, 'captured' => '0.00', 'refunded' => '0.00',
        ]]);
        $timestamp ??= time();
        $signature = (new Webhook($secret))->sign('ev-1', $timestamp, $body);

        return $this->call('POST', "http://{$this->shop->host}/events/payments", content: $body, server: [
            'CONTENT_TYPE' => 'application/json', 'HTTP_WEBHOOK_ID' => 'ev-1', 'HTTP_WEBHOOK_TIMESTAMP' => (string) $timestamp, 'HTTP_WEBHOOK_SIGNATURE' => is_string($signature) ? $signature : '',
        ]);
    }
}
