<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Messages\SendMessage;
use App\Models\Cart;
use App\Models\Message;
use App\Models\Order;
use App\Models\Shop;
use App\Models\ShopperLink;
use App\Orders\CouponUse;
use App\Payments\SettlePayment;
use App\Text\Secrets;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PaperKite\Payment\ProviderState;
use PaperKite\Quote\CouponKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FakeProvider;
use Tests\Support\OpensPayments;
use Tests\TestCase;

/** What is mailed, to whom and how often; and what a mailed link opens. */
final class ShopperMailTest extends TestCase
{
    use OpensPayments;

    private Shop $shop;

    private Order $order;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->shop = $this->shop();
        $this->person($this->shop);
        $payment = $this->opened($this->shop, $this->product($this->shop, ['name' => 'Heather honey']), 2);
        foreach (range(1, 2) as $time) {
            ($this->app?->make(SettlePayment::class) ?? self::fail())($payment, FakeProvider::statement($payment, ProviderState::Authorised));
        }
        $this->order = Order::query()->where('shop_id', $this->shop->id)->sole();
    }

    public function test_an_order_is_confirmed_to_the_shopper_and_told_to_the_seller_once(): void
    {
        self::assertSame(2, Message::query()->count());
        Queue::assertPushed(SendMessage::class, 2);
        $mail = Message::query()->where('to', 'ada@letters.example')->sole();
        self::assertStringContainsString('2 × Heather honey: €19.60', $mail->text);
        self::assertStringContainsString("/thanks/{$this->order->token}", $mail->text);
        self::assertStringContainsString('€23.50', Message::query()->where('to', '<>', 'ada@letters.example')->sole()->subject);
    }

    public function test_a_message_that_was_sent_is_not_sent_again(): void
    {
        config(['kite.outbox' => $folder = sys_get_temp_dir().'/kite-outbox-'.bin2hex(random_bytes(4))]);
        $job = new SendMessage(Message::query()->where('to', 'ada@letters.example')->sole()->id);
        $this->app?->call([$job, 'handle']);
        self::assertCount(1, $files = glob("{$folder}/*.eml") ?: []);
        self::assertStringContainsString("Message-ID: <kite-{$job->messageId}@", (string) file_get_contents($files[0]));
        unlink($files[0]);

        $this->app?->call([$job, 'handle']);

        self::assertSame([], glob("{$folder}/*.eml"));
        rmdir($folder);
    }

    public function test_after_a_day_the_page_shows_goods_and_state_until_a_fresh_link_is_used(): void
    {
        $address = $this->at("/thanks/{$this->order->token}");
        $this->get($address)->assertOk()->assertSee('Ada Nwosu-Reed')->assertSee('12 Chandler Court')->assertHeader('Referrer-Policy', 'no-referrer')->assertHeader('Cache-Control', 'no-store, private');

        $this->travel(25)->hours();
        $this->get($address)->assertOk()->assertSee('Heather honey')->assertDontSee('Ada Nwosu-Reed')->assertDontSee('Chandler Court')->assertDontSee('€23.50');
        $this->post($address)->assertStatus(303);
        $link = $this->mailedLink();

        $this->post($link)->assertStatus(303)->assertHeader('Location', '/thanks/'.$this->order->refresh()->token);
        $this->get($this->at("/thanks/{$this->order->token}"))->assertSee('Ada Nwosu-Reed');
        $this->get($address)->assertNotFound();
        $this->post($link)->assertStatus(410);
    }

    public function test_a_sign_in_link_works_once_for_half_an_hour_and_only_when_it_is_pressed(): void
    {
        $this->post($this->at('/account'), ['email' => 'ada@letters.example'])->assertStatus(303)->assertHeader('Location', '/account?after=sent');
        $link = $this->mailedLink();
        $visitor = Secrets::token();

        $this->get($link)->assertOk()->assertSee('Go on');
        $answer = $this->withUnencryptedCookies(['kite_visitor' => $visitor])->post($link)->assertStatus(303)->assertHeader('Location', '/account');
        $visitor = (string) $answer->headers->getCookies()[0]->getValue();
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at('/account'))->assertOk()->assertSee("Order {$this->order->number}")->assertSee("href=\"/thanks/{$this->order->token}\"", false);
        // Whoever is signed in sees all of an order at any time.
        $this->order->update(['placed_at' => now()->subDays(90)]);
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at("/thanks/{$this->order->token}"))->assertOk()->assertSee('12 Chandler Court');
        $this->withUnencryptedCookies(['kite_visitor' => Secrets::token()])->get($this->at("/thanks/{$this->order->token}"))->assertOk()->assertDontSee('12 Chandler Court');
        $this->get($link)->assertStatus(410);
        $this->withUnencryptedCookies(['kite_visitor' => Secrets::token()])->get($this->at('/account'))->assertDontSee("Order {$this->order->number}");

        $this->post($this->at('/account'), ['email' => 'ada@letters.example']);
        $late = $this->mailedLink();
        $this->travel(31)->minutes();
        $this->post($late)->assertStatus(410);
    }

    public function test_a_shopper_who_is_signed_in_finds_the_checkout_filled_in(): void
    {
        $this->post($this->at('/account'), ['email' => 'ada@letters.example']);
        $visitor = (string) $this->withUnencryptedCookies(['kite_visitor' => Secrets::token()])->post($this->mailedLink())->headers->getCookies()[0]->getValue();
        $cart = Cart::query()->create(['shop_id' => $this->shop->id, 'ref' => Secrets::ref(), 'visitor' => hash('sha256', $visitor), 'created_at' => now()]);
        $cart->lines()->create(['product_id' => $this->product($this->shop)->id, 'quantity' => 1]);

        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at("/checkout/{$cart->ref}"))->assertOk()->assertSee('value="12 Chandler Court"', false)->assertDontSee('sign-in link');
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->post($this->at("/checkout/{$cart->ref}"), ['country' => 'HK', 'update' => '1', 'quantity' => []]);
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->get($this->at("/checkout/{$cart->ref}"))->assertOk()->assertDontSee('name="postcode"', false);
    }

    public function test_the_answer_never_tells_whether_somebody_has_ordered_here(): void
    {
        $known = $this->post($this->at('/account'), ['email' => 'ada@letters.example']);
        $unknown = $this->post($this->at('/account'), ['email' => 'nobody@letters.example']);

        self::assertSame([$known->status(), $known->headers->get('Location'), $known->getContent()], [$unknown->status(), $unknown->headers->get('Location'), $unknown->getContent()]);
        self::assertSame(1, ShopperLink::query()->count());
        $this->post($this->at('/account'), ['email' => 'nonsense'])->assertUnprocessable()->assertSee('name@host.example');
    }

    /** @param  list<string>  $typed  as somebody else types it */
    #[DataProvider('lookalikes')]
    public function test_nobody_gets_another_persons_orders_by_an_address_that_looks_alike(array $typed): void
    {
        foreach ($typed as $address) {
            $this->post($this->at('/account'), ['email' => $address]);
        }

        self::assertSame([0, 2], [ShopperLink::query()->count(), Message::query()->count()]);
    }

    /** @return iterable<string, array{list<string>}> */
    public static function lookalikes(): iterable
    {
        yield 'accents' => [['ádá@letters.example', 'àda@letters.example', 'ADÀ@letters.example']];
        yield 'wide letters' => [['ａda@letters.example', 'ada@ｌetters.example', 'ada＠letters.example']];
        yield 'accents apart' => [["a\u{301}da@letters.example"]];
        yield 'other scripts' => [["\u{430}da@letters.example", "ada@lett\u{435}rs.example"]];
        yield 'invisible letters' => [["a\u{200B}da@letters.example", "ada@letters\u{AD}.example", "a\u{200D}da@letters.example"]];
        yield 'a trailing space within' => [["ada@letters.example\u{A0}", 'ada @letters.example']];
    }

    public function test_mail_goes_to_the_address_that_the_order_holds_however_it_is_typed(): void
    {
        $this->post($this->at('/account'), ['email' => ' ADA@Letters.Example '])->assertStatus(303);

        self::assertSame('ada@letters.example', Message::query()->latest('id')->firstOrFail()->to);
    }

    public function test_a_coupon_for_once_each_counts_addresses_and_not_what_looks_like_them(): void
    {
        $coupon = $this->shop->coupons()->create(['code' => 'ONCE', 'kind' => CouponKind::Amount, 'amount_minor' => 100, 'most_uses_each' => 1])->refresh();
        app(CouponUse::class)->note($coupon->id, $this->order->id, 'Ada@Letters.Example');
        $use = app(CouponUse::class);

        self::assertSame([true, true, false, false], array_map(static fn (string $email): bool => $use->isSpentFor($coupon, $email), ['ada@letters.example', 'ADA@letters.example', 'ádá@letters.example', 'ad@letters.example']));
    }

    public function test_signing_in_gives_the_browser_a_new_cookie_which_opens_what_the_old_one_did(): void
    {
        $old = Secrets::token();
        $product = $this->product($this->shop);
        $this->withUnencryptedCookies(['kite_visitor' => $old])->post($this->at('/cart/add'), ['sku' => $product->sku, 'quantity' => '2'], ['Origin' => $this->shop->base()])->assertStatus(303);
        $this->post($this->at('/account'), ['email' => 'ada@letters.example']);
        $new = (string) $this->withUnencryptedCookies(['kite_visitor' => $old])->post($this->mailedLink())->assertStatus(303)->headers->getCookies()[0]->getValue();

        self::assertNotSame($old, $new);
        $this->withUnencryptedCookies(['kite_visitor' => $new])->get($this->at('/cart'))->assertSee($product->name);
        $this->withUnencryptedCookies(['kite_visitor' => $new])->get($this->at('/account'))->assertSee("Order {$this->order->number}");
        $this->withUnencryptedCookies(['kite_visitor' => $old])->get($this->at('/cart'))->assertDontSee($product->name);
        $this->withUnencryptedCookies(['kite_visitor' => $old])->get($this->at('/account'))->assertDontSee("Order {$this->order->number}");
    }

    public function test_over_tls_the_cookie_belongs_to_this_host_alone(): void
    {
        config(['kite.scheme' => 'https', 'kite.port' => null]);
        $cookie = $this->post($this->at('/cart/add'), ['sku' => $this->product($this->shop)->sku, 'quantity' => '1'], ['Origin' => $this->shop->base()])->headers->getCookies()[0];

        self::assertSame(['__Host-kite_visitor', true, true, '/', null], [$cookie->getName(), $cookie->isSecure(), $cookie->isHttpOnly(), $cookie->getPath(), $cookie->getDomain()]);
        $this->withUnencryptedCookies(['__Host-kite_visitor' => (string) $cookie->getValue()])->get($this->at('/cart'))->assertSee('Heather honey');
        $this->unencryptedCookies = [];
        $this->withUnencryptedCookies(['kite_visitor' => (string) $cookie->getValue()])->get($this->at('/cart'))->assertDontSee('Heather honey');
    }

    public function test_nothing_is_written_or_mailed_before_the_answer(): void
    {
        $before = DB::getQueryLog();
        foreach (['ada@letters.example', 'nobody@letters.example'] as $email) {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $request = Request::create($this->at('/account'), 'POST', ['email' => $email], server: ['HTTP_ORIGIN' => $this->shop->base()]);
            app(Kernel::class)->handle($request);
            $statements[] = array_column(DB::getQueryLog(), 'query');
        }

        self::assertSame([], $before);
        self::assertSame($statements[0], $statements[1]);
        self::assertSame([], preg_grep('/^(insert|update|delete)/i', $statements[0]));
    }

    public function test_nobody_is_pestered(): void
    {
        foreach (range(1, 6) as $time) {
            $this->post($this->at('/account'), ['email' => 'ada@letters.example'])->assertStatus(303);
        }

        self::assertSame(3, ShopperLink::query()->count());
    }

    private function mailedLink(): string
    {
        $text = Message::query()->latest('id')->firstOrFail()->text;

        return preg_match('#https?://\S+/link/\S+#', $text, $found) === 1 ? $found[0] : self::fail('No link was mailed.');
    }

    private function at(string $path): string
    {
        return $this->shop->base().$path;
    }
}
