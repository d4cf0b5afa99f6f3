<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Http\Shopper\ReadCaller;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\CheckoutState;
use App\Models\Message;
use App\Models\Order;
use App\Models\Payment;
use App\Payments\PaymentProvider;
use App\Text\Secrets;
use Illuminate\Cache\RateLimiter;
use Illuminate\Database\Events\TransactionCommitting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Testing\TestResponse;
use PaperKite\Payment\ProviderState;
use PaperKite\Quote\CouponKind;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FakeProvider;

/** A transaction that the database ends is done again, and repeats nothing outside it: at every commit of the trip. */
final class ForcedDeadlockTest extends ServedTestCase
{
    private const NAVIGATION = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];

    private FakeProvider $provider;

    private string $visitor;

    private int $deadlocks = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->provider = new FakeProvider;
        $this->app?->instance(PaymentProvider::class, $this->provider);
        $this->visitor = Secrets::token();
        apcu_clear_cache();
    }

    #[DataProvider('timesThatItFails')]
    public function test_the_trip_ends_as_if_nothing_had_happened(int $times): void
    {
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Amount, 'amount_minor' => 100]);
        $product = $this->product($this->shop, ['stock' => 5]);
        $this->failEveryCommit($times);

        // Another shopper's double click, by a placement and by an open link; then ours, to the end.
        $link = $this->placement($this->offer($product))->link($this->shop)->url();
        foreach ([1, 2] as $click) {
            $this->as($this->visitor)->get($link, self::NAVIGATION)->assertStatus(303);
            $this->as($this->visitor)->get("{$this->shop->base()}/take/{$product->sku}?from=card", self::NAVIGATION)->assertStatus(303);
        }
        $cart = Cart::query()->where('shop_id', $this->shop->id)->whereNull('shared_by')->sole();
        $checkout = "{$this->shop->base()}/checkout/{$cart->ref}";
        $this->send($checkout, ['quantity' => [$cart->lines()->sole()->id => '2']])->assertStatus(303);
        $this->send($checkout, ['coupon' => 'MAY', 'apply' => '1'])->assertStatus(303);
        $this->send($checkout, ['pay' => '1'])->assertStatus(303);
        $payment = Payment::query()->with('checkout')->where('shop_id', $this->shop->id)->sole();
        $this->provider->state = ProviderState::Authorised;
        $this->as($this->visitor)->get("{$this->shop->base()}/return/{$payment->checkout->reference}")->assertStatus(303);
        $this->post("{$this->shop->base()}/account", ['email' => 'ada@letters.example'], ['Origin' => $this->shop->base()])->assertStatus(303);

        self::assertGreaterThan($times > 0 ? 5 * $times : -1, $this->deadlocks);
        $this->assertOnce($payment, $product->id);
    }

    /** @return iterable<string, array{int}> */
    public static function timesThatItFails(): iterable
    {
        yield 'never, to know what once looks like' => [0];
        yield 'once' => [1];
        yield 'three times' => [3];
    }

    public function test_a_row_that_stays_locked_is_asked_for_once_more_and_then_said_in_a_sentence(): void
    {
        $link = $this->placement($this->offer($this->product($this->shop)))->link($this->shop)->url();
        $waits = 0;
        Event::listen(static function (TransactionCommitting $committing) use (&$waits): void {
            $waits++;
            $timeout = new PDOException('SQLSTATE[HY000]: General error: 1205 Lock wait timeout exceeded; try restarting transaction');
            $timeout->errorInfo = ['HY000', 1205, 'Lock wait timeout exceeded'];
            throw $timeout;
        });

        $this->as($this->visitor)->get($link, self::NAVIGATION)->assertStatus(503)->assertSee('Many are at the same thing just now. Nothing was lost');
        self::assertSame([2, 0], [$waits, Cart::query()->where('shop_id', $this->shop->id)->count()]);
        $this->actingAs($this->person)->putJson("http://seller.localhost/api/shops/{$this->shop->slug}/names", ['name' => 'Other', 'slug' => $this->shop->slug, 'host' => $this->shop->host, 'checkout_slug' => 'checkout'])
            ->assertStatus(503)->assertJsonPath('message', 'Many are at the same thing just now. Nothing was changed; try again in a moment.');
    }

    private function assertOnce(Payment $payment, int $productId): void
    {
        $order = Order::query()->where('shop_id', $this->shop->id)->sole();
        self::assertSame([1001, 2250], [$order->number, $order->total_minor]);
        self::assertSame([CheckoutState::Ordered, 3], [$payment->checkout()->sole()->state, DB::table('products')->where('id', $productId)->value('stock')]);
        self::assertSame([['card', 2, 1], ['card', 3, 1], [null, 2, 1], [null, 3, 1], [null, 4, 1], [null, 5, 1]], DB::table('events')->leftJoin('labels', 'labels.id', '=', 'label_id')->where('events.shop_id', $this->shop->id)->selectRaw('text, kind, CAST(SUM(is_act) AS UNSIGNED) AS n')->groupBy('text', 'kind')->orderByDesc('text')->orderBy('kind')->get()->map(static fn (object $row): array => array_values((array) $row))->all());
        self::assertSame([1], CartLine::query()->whereIn('cart_id', Cart::query()->where('shop_id', $this->shop->id)->select('id'))->pluck('quantity')->all());
        // To the shopper: the receipt and the link; to the shop's one person: that it was ordered.
        self::assertSame(3, Message::query()->where('shop_id', $this->shop->id)->count());
        self::assertSame(["open {$payment->reference}", "find {$payment->provider_id}"], $this->provider->asked);
        $caller = app(ReadCaller::class)(request());
        self::assertSame([2, 1, 1], array_map(fn (string $key): mixed => app(RateLimiter::class)->attempts($key), ["new-carts-{$caller->address}", "coupon-address-{$caller->address}", "link-from-{$caller->address}"]));
    }

    /** Ends every transaction as the database does, so many times before it lets it through. */
    private function failEveryCommit(int $times): void
    {
        $failed = 0;
        Event::listen(function (TransactionCommitting $committing) use ($times, &$failed): void {
            if ($failed < $times) {
                $failed++;
                $this->deadlocks++;
                $deadlock = new PDOException('SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock; try restarting transaction');
                $deadlock->errorInfo = ['40001', 1213, 'Deadlock found'];
                throw $deadlock;
            }
            $failed = 0;
        });
    }

    private function as(string $visitor): self
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $visitor]);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function send(string $checkout, array $with): TestResponse
    {
        preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $this->as($this->visitor)->get($checkout)->getContent(), $digest);

        return $this->as($this->visitor)->post($checkout, $with + ['digest' => $digest[1] ?? '', 'email' => 'ada@letters.example', 'name' => 'Ada', 'street' => '1 Row', 'postcode' => '', 'town' => 'Tarn', 'country' => 'IE'], ['Origin' => $this->shop->base()]);
    }
}
