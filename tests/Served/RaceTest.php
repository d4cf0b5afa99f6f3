<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Checkout;
use App\Models\Order;
use App\Models\Payment;
use App\Models\Placement;
use App\Models\StockMovement;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use PaperKite\Offer\Onwards;
use Psr\Http\Message\ResponseInterface;

/** The same thing asked many times at once, of real processes behind a real server and database. */
final class RaceTest extends ServedTestCase
{
    private const TIMES = 8;

    private Client $shopper;

    private CookieJar $cookies;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->cookies = new CookieJar;
        $this->shopper = new Client(['cookies' => $this->cookies, 'allow_redirects' => false, 'http_errors' => false, 'curl' => [CURLOPT_CONNECT_TO => ['::127.0.0.1:']]]);
        $this->placement = $this->placement($this->offer($this->product($this->shop, ['stock' => 9]), ['destination' => Onwards::Cart]));
    }

    public function test_the_same_click_many_times_at_once_adds_once(): void
    {
        // Another offer's click has given this browser its cookie; the shared cart is there, the clicked goods are not.
        $this->shopper->get($this->placement($this->offer($this->product($this->shop), ['destination' => Onwards::Cart]))->link($this->shop)->url());
        $link = $this->placement->link($this->shop)->url();

        $answers = self::all(array_map(fn (): PromiseInterface => $this->shopper->getAsync($link), range(1, self::TIMES)));

        self::assertSame(array_fill(0, self::TIMES, 303), array_map(static fn (ResponseInterface $answer): int => $answer->getStatusCode(), $answers));
        self::assertSame(1, Cart::query()->where('shop_id', $this->shop->id)->count());
        self::assertSame([1], CartLine::query()->where('placement_id', $this->placement->id)->pluck('quantity')->all());
    }

    public function test_pay_pressed_many_times_at_once_opens_one_payment_and_ends_in_one_order(): void
    {
        $checkout = $this->checkout();
        $pages = array_map(
            static fn (ResponseInterface $answer): string => $answer->getHeaderLine('Location'),
            self::all(array_map(fn (): PromiseInterface => $this->shopper->postAsync(...$this->payment($checkout)), range(1, self::TIMES))),
        );
        self::assertCount(1, array_unique($pages));
        self::assertSame(1, Payment::query()->where('shop_id', $this->shop->id)->count());

        $ends = self::all(array_map(fn (): PromiseInterface => $this->shopper->postAsync($pages[0], ['form_params' => ['do' => 'pay', 'delivery' => 'twice']]), range(1, self::TIMES)));
        $return = $this->shop->base().'/return/'.Checkout::query()->where('shop_id', $this->shop->id)->firstOrFail()->reference;
        $thanks = array_map(
            static fn (ResponseInterface $answer): string => $answer->getHeaderLine('Location'),
            self::all(array_map(fn (): PromiseInterface => $this->shopper->getAsync($return), range(1, self::TIMES))),
        );

        self::assertContains(303, array_map(static fn (ResponseInterface $answer): int => $answer->getStatusCode(), $ends));
        self::assertCount(1, array_unique($thanks));
        self::assertStringStartsWith('/thanks/', $thanks[0]);
        self::assertSame(1, Order::query()->where('shop_id', $this->shop->id)->count());
        self::assertSame([-1], StockMovement::query()->where('product_id', $this->placement->offer()->firstOrFail()->lines()->firstOrFail()->product_id)->pluck('pieces')->all());
    }

    public function test_a_cart_that_changes_while_it_is_paid_for_leaves_one_payment_standing(): void
    {
        $checkout = $this->checkout();
        $first = $this->shopper->post(...$this->payment($checkout))->getHeaderLine('Location');
        $line = CartLine::query()->where('placement_id', $this->placement->id)->firstOrFail();
        $line->update(['quantity' => 2]);

        $second = $this->shopper->post(...$this->payment($checkout))->getHeaderLine('Location');
        self::assertNotSame($first, $second);
        // The shopper pays in both windows at once.
        self::all(array_map(fn (string $page): PromiseInterface => $this->shopper->postAsync($page, ['form_params' => ['do' => 'pay', 'delivery' => 'first']]), [$first, $second]));

        $order = Order::query()->where('shop_id', $this->shop->id)->with('lines')->sole();
        self::assertSame(2, $order->lines->sole()->quantity);
    }

    private function checkout(): string
    {
        $this->shopper->get($this->placement->link($this->shop)->url());

        return $this->shop->base().'/checkout/'.Cart::query()->where('shop_id', $this->shop->id)->firstOrFail()->ref;
    }

    /** @return array{string, array<string, mixed>} address and options of the form, as the page sends it now */
    private function payment(string $checkout): array
    {
        preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $this->shopper->get($checkout)->getBody(), $found);

        return [$checkout, [
            'headers' => ['Origin' => $this->shop->base()],
            'form_params' => ['digest' => $found[1] ?? '', 'email' => 'ada@letters.example', 'name' => 'Ada', 'street' => '1 Row', 'postcode' => '', 'town' => 'Tarn', 'country' => 'IE'],
        ]];
    }

    /**
     * @param  array<PromiseInterface>  $promises
     * @return array<ResponseInterface>
     */
    private static function all(array $promises): array
    {
        /** @var array<ResponseInterface> */
        return Utils::unwrap($promises);
    }
}
