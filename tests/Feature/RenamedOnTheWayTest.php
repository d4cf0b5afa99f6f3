<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Placement;
use App\Models\Shop;
use App\Payments\PaymentProvider;
use App\Payments\StandinProvider;
use App\Shops\NamesForm;
use App\Shops\RenameShop;
use App\Text\Secrets;
use App\Time\Clock;
use Illuminate\Http\Client\Factory;
use StandardWebhooks\Webhook;
use Tests\TestCase;

/** A shop that moves to another host while a shopper is on the way: the trip ends where it began. */
final class RenamedOnTheWayTest extends TestCase
{
    private const NAVIGATION = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];

    private const SECRET = 'whsec_dGVzdCBzZWNyZXQgdGhhdCBpcyBsb25nIGVub3VnaA==';

    private Shop $shop;

    private Placement $placement;

    private string $visitor;

    private string $old;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->placement = $this->placement($this->offer($this->product($this->shop, ['stock' => 5])));
        $this->visitor = Secrets::token();
        $this->old = $this->shop->base();
        $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->get("{$this->old}/k/{$this->placement->code}", self::NAVIGATION)->assertStatus(303);
    }

    public function test_the_cart_opens_is_edited_and_paid_at_the_old_host_with_every_address_of_it(): void
    {
        $cart = Cart::query()->sole();
        $this->rename();

        $this->at("/checkout/{$cart->ref}")->assertStatus(301)->assertHeader('Location', "/till/{$cart->ref}");
        $page = $this->at("/till/{$cart->ref}")->assertOk();
        preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $page->getContent(), $digest);
        $form = ['digest' => $digest[1] ?? '', 'email' => 'ada@letters.example', 'name' => 'Ada', 'street' => '1 Row', 'postcode' => '', 'town' => 'Tarn', 'country' => 'IE'];
        $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post("{$this->old}/till/{$cart->ref}", $form, ['Origin' => $this->old])->assertStatus(303)->assertHeader('Location', Payment::query()->with('checkout')->sole()->hosted_url ?? '');
        $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post("{$this->old}/till/{$cart->ref}", $form, ['Origin' => 'https://elsewhere.example'])->assertForbidden();
        $this->at("/k/{$this->placement->code}")->assertStatus(303)->assertHeader('Location', "/till/{$cart->ref}");
        $this->at('/cart')->assertOk();
    }

    public function test_the_providers_event_arrives_at_the_old_host_and_the_trip_ends_in_an_order(): void
    {
        $payment = $this->payment();
        $this->rename();
        $this->app?->instance(PaymentProvider::class, new StandinProvider(new Factory, 'http://127.0.0.1:9/api', 'pay.localhost', 'http://pay.localhost', 'key', self::SECRET, new Clock));

        $this->deliver($payment)->assertNoContent();
        $order = Order::query()->sole();
        $back = $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->get("{$this->old}/return/{$payment->checkout->reference}");
        self::assertContains($back->status(), [301, 303]);
        $this->get("{$this->shop->refresh()->base()}/return/{$payment->checkout->reference}")->assertStatus(303)->assertHeader('Location', "/thanks/{$order->token}");
        $this->get("{$this->shop->base()}/thanks/{$order->token}")->assertOk()->assertSee('1001');
    }

    public function test_everybody_else_is_led_on_and_so_are_they_once_the_trip_has_ended(): void
    {
        $cart = Cart::query()->sole();
        $this->rename();
        $new = $this->shop->refresh()->base();

        $this->flushHeaders()->withUnencryptedCookies(['kite_visitor' => Secrets::token()])->get("{$this->old}/cart")->assertStatus(301)->assertHeader('Location', "{$new}/cart");
        $this->withUnencryptedCookies([])->post("{$this->old}/cart/add", [], ['Origin' => $this->old])->assertStatus(308)->assertHeader('Location', "{$new}/cart/add");
        $this->travel(25)->hours();
        $this->at("/till/{$cart->ref}")->assertStatus(301)->assertHeader('Location', "{$new}/till/{$cart->ref}");
    }

    private function rename(): void
    {
        app(RenameShop::class)($this->shop, new NamesForm('Moved', $this->shop->slug, "moved-{$this->shop->host}", 'till'));
    }

    private function payment(): Payment
    {
        $cart = Cart::query()->sole();
        preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $this->at("/checkout/{$cart->ref}")->getContent(), $digest);
        $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->post("{$this->old}/checkout/{$cart->ref}", ['digest' => $digest[1] ?? '', 'email' => 'ada@letters.example', 'name' => 'Ada', 'street' => '1 Row', 'postcode' => '', 'town' => 'Tarn', 'country' => 'IE'], ['Origin' => $this->old])->assertStatus(303);

        return Payment::query()->with('checkout')->sole();
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function deliver(Payment $payment): \Illuminate\Testing\TestResponse
    {
        $body = (string) json_encode(['type' => 'payment.authorised', 'data' => ['id' => $payment->provider_id, 'reference' => $payment->reference, 'state' => 'authorised', 'amount' => $payment->amount()->decimal(), 'currency' => 'EUR', 'payee' => $payment->payee, 'digest' => $payment->cart_digest, 'captured' => '0.00', 'refunded' => '0.00']]);
        $signature = (new Webhook(self::SECRET))->sign('ev-1', time(), $body);

        return $this->call('POST', "{$this->old}/events/payments", content: $body, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_WEBHOOK_ID' => 'ev-1', 'HTTP_WEBHOOK_TIMESTAMP' => (string) time(), 'HTTP_WEBHOOK_SIGNATURE' => is_string($signature) ? $signature : '']);
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response> */
    private function at(string $path): \Illuminate\Testing\TestResponse
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor])->get($this->old.$path, self::NAVIGATION);
    }
}
