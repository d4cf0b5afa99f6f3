<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Models\Cart;
use App\Models\Person;
use App\Models\Placement;
use App\Models\Shop;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\HandlerStack;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use PDO;
use Tests\Support\Makes;
use Throwable;

/** A test of the running servers, each with a shop of its own, for which no browser is needed. */
abstract class ServedTestCase extends TestCase
{
    use Makes;

    protected const PASSWORD = 'a long enough password';

    private const WAITED_TENTHS = 400;

    protected Shop $shop;

    protected Person $person;

    protected function setUp(): void
    {
        parent::setUp();
        config(['database.connections.mariadb.database' => getenv('KITE_SERVED_DATABASE')]);
        DB::purge();
        $this->shop = $this->shop();
        $this->person = $this->person($this->shop, self::PASSWORD);
    }

    /**
     * A shopper's browser, as far as it sends requests and keeps cookies.
     *
     * @param  HandlerStack|null  $together  shared by those whose requests go on while one of them is waited for
     */
    protected static function shopper(?HandlerStack $together = null): Client
    {
        return new Client(($together === null ? [] : ['handler' => $together]) + ['cookies' => new CookieJar, 'allow_redirects' => false, 'http_errors' => false, 'curl' => [CURLOPT_CONNECT_TO => ['::127.0.0.1:']]]);
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

    /** Of the database itself, as its administrator. */
    protected static function administrator(): PDO
    {
        return new PDO('mysql:unix_socket='.getenv('KITE_DB_SOCKET'), 'root', options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    /** @param  callable(): bool  $isSo  may fail while a server is away */
    protected function waitUntil(callable $isSo): void
    {
        for ($tenth = 0; $tenth < self::WAITED_TENTHS; $tenth++) {
            try {
                if ($isSo()) {
                    return;
                }
            } catch (Throwable) {
                DB::purge();
            }
            usleep(100_000);
        }
        self::fail('It never came to be.');
    }
}
