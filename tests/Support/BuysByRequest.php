<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Cart;
use App\Models\Order;
use App\Models\Placement;
use App\Models\Shop;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\HandlerStack;

/**
 * Shoppers of the running servers, as far as a browser sends requests and keeps cookies.
 *
 * @property Shop $shop
 */
trait BuysByRequest
{
    /** @param  HandlerStack|null  $together  shared by those whose requests go on while one of them is waited for */
    protected static function shopper(?HandlerStack $together = null, CookieJar $cookies = new CookieJar): Client
    {
        return new Client(($together === null ? [] : ['handler' => $together]) + ['cookies' => $cookies, 'allow_redirects' => false, 'http_errors' => false, 'curl' => [CURLOPT_CONNECT_TO => ['::127.0.0.1:']]]);
    }

    /** From the click to the provider’s page, as a browser sends it. */
    protected function hostedPage(Client $shopper, Placement $placement, ?string $coupon = null): string
    {
        $base = $this->shop->base();
        $checkout = $base.$shopper->get($placement->link($this->shop)->url())->getHeaderLine('Location');
        if ($coupon !== null) {
            Cart::query()->where('ref', basename($checkout))->update(['coupon_code' => $coupon]);
        }
        preg_match('/name="digest" value="([0-9a-f]{64})"/', (string) $shopper->get($checkout)->getBody(), $found);

        return $shopper->post($checkout, [
            'headers' => ['Origin' => $base],
            'form_params' => ['digest' => $found[1] ?? '', 'email' => 'ada@letters.example', 'name' => 'Ada', 'street' => '1 Row', 'postcode' => '', 'town' => 'Tarn', 'country' => 'IE'],
        ])->getHeaderLine('Location');
    }

    /** The next order of the shop, paid at the provider stand-in, its money taken. */
    protected function paidOrder(Placement $placement): Order
    {
        $orders = fn (): int => Order::query()->where('shop_id', $this->shop->id)->whereNotNull('captured_at')->count();
        $before = $orders();
        $shopper = self::shopper();
        $shopper->post($this->hostedPage($shopper, $placement), ['form_params' => ['do' => 'pay', 'delivery' => 'first']]);
        for ($tenth = 0; $tenth < 300 && $orders() === $before; $tenth++) {
            usleep(100_000);
        }

        return Order::query()->where('shop_id', $this->shop->id)->orderByDesc('number')->firstOrFail();
    }
}
