<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shop;
use App\Text\Secrets;
use Illuminate\Database\Connection;
use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Exceptions;
use Tests\Support\GeneratedRequests;
use Tests\Support\OpensPayments;
use Tests\TestCase;
use Throwable;

/** Every route, asked with values that are nearly right: each is answered, and none by something that went wrong. */
final class GeneratedRequestsTest extends TestCase
{
    use OpensPayments;

    private const SEED = 20261126;

    private Shop $shop;

    /** @var array<string, list<string>> values that are right, by the name of a route's parameter */
    private array $known;

    protected function setUp(): void
    {
        parent::setUp();
        config(['kite.hosts.renames_per_day' => 100_000, 'kite.clicks.new_carts_per_minute' => 1_000_000]);
        $this->shop = $this->shop();
        $honey = $this->product($this->shop, ['sku' => 'honey', 'stock' => 5]);
        $offer = $this->offer($honey);
        $placement = $this->placement($offer);
        $payment = $this->opened($this->shop, $honey, 1);
        $display = $this->display($this->shop, $honey);
        $table = $this->shop->priceTables()->create(['name' => 'Jars']);
        $coupon = $this->shop->coupons()->create(['code' => 'MAY', 'kind' => 'amount', 'amount_minor' => 100]);
        $this->known = [
            'shop' => [$this->shop->slug], 'offer' => ["{$offer->id}"], 'product' => ["{$honey->id}"], 'placement' => ["{$placement->id}"], 'look' => ["{$this->shop->looks()->firstOrFail()->id}"],
            'priceTable' => ["{$table->id}"], 'coupon' => ["{$coupon->id}"], 'order' => ['1001'], 'shelf' => ["{$display->shelf_id}"], 'displayPlacement' => ["{$display->id}"], 'code' => [$placement->code, $display->code], 'sku' => ['honey'], 'items' => ['honey', '2*honey'], 'checkout' => ['checkout'],
            'ref' => [(string) $payment->checkout->cart?->ref], 'reference' => [$payment->checkout->reference, $payment->reference], 'token' => [Secrets::token()], 'any' => ['offers'],
        ];
        $this->actingAs($this->person($this->shop));
    }

    public function test_two_thousand_requests_get_no_500(): void
    {
        $count = (int) (getenv('KITE_REQUESTS') ?: 2000);
        $generated = new GeneratedRequests((int) (getenv('KITE_SEED') ?: self::SEED));
        $routes = $this->routes();
        $names = $this->fieldNames();
        $broken = [];
        $db = app(Connection::class);
        Exceptions::fake();
        for ($i = 0; $i < $count; $i++) {
            $route = $routes[$i % count($routes)];
            [$method, $address, $form] = $this->request($route, $generated, $names);
            $db->beginTransaction();
            try {
                $status = $this->call($method, $address, $method === 'GET' ? [] : $form, server: ['HTTP_ORIGIN' => $this->shop->base(), 'HTTP_ACCEPT' => str_contains($address, '/api/') ? 'application/json' : 'text/html'])->getStatusCode();
                if ($status >= 500) {
                    $thrown = Exceptions::reported()[array_key_last(Exceptions::reported())] ?? null;
                    $broken["{$method} {$route[1]}"] = ($thrown instanceof Throwable ? substr($thrown->getMessage(), 0, 300) : '').' at '.substr("{$address} ".json_encode($form, JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 300);
                }
            } catch (Throwable $thrown) {
                $broken["{$method} {$route[1]}"] = $thrown->getMessage();
            }
            $db->rollBack();
            apcu_clear_cache();
        }

        self::assertSame([], $broken);
    }

    /**
     * @param  array{list<string>, string, string|null}  $route
     * @param  list<string>  $names
     * @return array{string, string, array<string, mixed>} method, address and form
     */
    private function request(array $route, GeneratedRequests $generated, array $names): array
    {
        $path = (string) preg_replace_callback('/\{(\w+)(?::\w+)?\??\}/', function (array $found) use ($generated): string {
            $known = $this->known[$found[1]] ?? ['1'];

            return rawurlencode($generated->oneOf([...$known, ...$known, ...$known, substr($generated->value(), 0, 200)]));
        }, $route[1]);
        $host = $route[2] ?? $this->shop->host;
        $query = http_build_query($generated->form(['search', 'page', 'country', 'after', 'quantity', 'k', 'rest', 'glance', 'category', 'to', 'coupon', 'look', 'words', 'ground']));

        return [$generated->oneOf($route[0] === [] ? ['GET'] : $route[0]), "http://{$host}/".ltrim($path, '/').'?'.substr($query, 0, 3000), $generated->form($names)];
    }

    /** @return non-empty-list<array{list<string>, string, string|null}> methods, path and host of each */
    private function routes(): array
    {
        $routes = [];
        /** @var RegisteredRoute $route */
        foreach (app(Router::class)->getRoutes()->getRoutes() as $route) {
            $methods = array_values(array_filter(['GET', 'POST', 'PUT', 'DELETE'], static fn (string $method): bool => in_array($method, $route->methods(), true)));
            $routes[] = [$methods, $route->uri(), $route->getDomain()];
        }

        return $routes === [] ? self::fail('There are no routes.') : $routes;
    }

    /** @return list<string> of all forms that the console and the shop know */
    private function fieldNames(): array
    {
        $described = json_decode((string) file_get_contents(base_path('openapi.json')), true);
        $names = [];
        is_array($described) || self::fail('openapi.json is no object.');
        array_walk_recursive($described, static function (mixed $value, int|string $key) use (&$names): void {
            if ($key === 'description') {
                return;
            }
            if (is_int($key) && is_string($value) && preg_match('/\A[a-z_]{2,20}\z/', $value) === 1) {
                $names[$value] = true;
            }
        });

        return [...array_keys($names), 'sku', 'quantity', 'choice', 'digest', 'coupon', 'remove', 'update', 'apply', 'remove_coupon', 'email', 'street', 'town', 'postcode', 'name', 'to', 'rest', 'k'];
    }
}
