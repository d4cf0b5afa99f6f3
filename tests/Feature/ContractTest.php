<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Order;
use App\Models\Shop;
use App\Offers\OfferForm;
use App\OpenApi\Description;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\Route;
use RuntimeException;
use Tests\TestCase;

/** The server answers what openapi.json says it answers, no more and no less. */
final class ContractTest extends TestCase
{
    private const ANSWERS = [
        '/me' => 'Session',
        '/shops/mosslight' => 'Shop',
        '/shops/mosslight/products' => 'ProductList',
        '/shops/mosslight/products/{product}' => 'ProductForm',
        '/shops/mosslight/offers' => 'OfferList',
        '/shops/mosslight/offers/{offer}' => 'Offer',
        '/shops/mosslight/offers/{offer}/history' => 'OfferHistory',
        '/shops/mosslight/looks' => 'LookList',
        '/shops/mosslight/price-tables' => 'PriceTableList',
        '/shops/mosslight/shopfront' => 'Shopfront',
        '/shops/mosslight/copies' => 'StaleCopyList',
        '/shops/mosslight/orders' => 'OrderList',
        '/shops/mosslight/orders/{number}' => 'Order',
    ];

    private Shop $shop;

    /** The demo, once for all that is asked of it. */
    private function loadDemo(): void
    {
        config(['kite.payments.provider' => 'standin', 'kite.demo.password' => 'a made-up password', 'kite.demo.button_file' => null]);
        $this->command('demo:load')->assertSuccessful();
        $this->shop = Shop::query()->where('slug', 'mosslight')->firstOrFail();
        $this->actingAs($this->shop->people()->firstOrFail());
    }

    public function test_the_file_is_current(): void
    {
        self::assertSame(Description::json(), file_get_contents(base_path('openapi.json')));
    }

    public function test_every_address_of_the_interface_is_described_and_every_description_has_an_address(): void
    {
        $served = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/{any}') {
                $served[] = strtolower(self::method($route)).' '.strtr(substr($route->uri(), 3), ['{order}' => '{number}']);
            }
        }
        $described = [];
        foreach (self::part(self::document(), 'paths') as $path => $operations) {
            foreach (array_keys((array) $operations) as $method) {
                $described[] = "{$method} {$path}";
            }
        }
        sort($served);
        sort($described);

        self::assertSame($served, $described);
    }

    public function test_every_answer_is_shaped_as_described(): void
    {
        $this->loadDemo();
        $offer = $this->shop->offers()->where('state', 'live')->firstOrFail();
        $ids = ['{offer}' => (string) $offer->id, '{product}' => (string) $offer->lines()->firstOrFail()->product_id, '{number}' => (string) Order::query()->where('shop_id', $this->shop->id)->firstOrFail()->number];
        foreach (self::ANSWERS as $path => $schema) {
            self::assertShape($this->getJson($this->console('/api'.strtr($path, $ids)))->assertOk()->json(), ['$ref' => "#/components/schemas/{$schema}"], $schema);
        }
    }

    public function test_the_proof_is_shaped_as_described(): void
    {
        $this->loadDemo();
        $entry = self::sent(OfferForm::of($this->shop->offers()->with(Offer::TOLD_WITH)->firstOrFail()));

        self::assertShape($this->postJson($this->console('/api/shops/mosslight/offers/proof'), $entry)->assertOk()->json(), ['$ref' => '#/components/schemas/Proof'], 'Proof');
        self::assertShape($this->postJson($this->console('/api/shops/mosslight/offers/proof'), ['items' => [['product_id' => 0, 'variant' => '', 'quantity' => 'x']]] + $entry)->assertOk()->json(), ['$ref' => '#/components/schemas/Proof'], 'Proof without a product');
        self::assertShape($this->postJson($this->console('/api/shops/mosslight/offers'), ['landing' => 'https://crow.example/'] + $entry)->assertUnprocessable()->json(), ['$ref' => '#/components/schemas/Refusal'], 'Refusal');
    }

    private static function method(RoutingRoute $route): string
    {
        $method = $route->methods()[0] ?? null;

        return is_string($method) ? $method : throw new RuntimeException('A route without a method.');
    }

    /** @param  array<mixed>  $schema */
    private static function assertShape(mixed $value, array $schema, string $at): void
    {
        if (isset($schema['$ref']) && is_string($schema['$ref'])) {
            $schema = self::part(self::document(), ...explode('/', substr($schema['$ref'], 2)));
        }
        $choices = (array) ($schema['oneOf'] ?? []);
        if ($choices !== []) {
            $value === null ? self::assertContains(['type' => 'null'], $choices, $at) : self::assertShape($value, (array) $choices[0], $at);

            return;
        }
        if (isset($schema['properties'])) {
            self::assertObject($value, $schema, $at);
        } elseif (isset($schema['items'])) {
            foreach (self::list($value, $at) as $index => $item) {
                self::assertShape($item, (array) $schema['items'], "{$at}[{$index}]");
            }
        } else {
            self::assertContains(self::typeOf($value), [...(array) ($schema['type'] ?? []), ...(self::typeOf($value) === 'array' ? ['array'] : [])], $at);
        }
        if (isset($schema['enum'])) {
            self::assertContains($value, (array) $schema['enum'], $at);
        }
    }

    /** @param  array<mixed>  $schema */
    private static function assertObject(mixed $value, array $schema, string $at): void
    {
        self::assertIsArray($value, $at);
        foreach ((array) ($schema['required'] ?? []) as $name) {
            self::assertContains($name, array_keys($value), "{$at}: missing");
        }
        self::assertSame([], array_diff(array_keys($value), array_keys((array) $schema['properties'])), "{$at}: not described");
        foreach (array_intersect_key((array) $schema['properties'], $value) as $name => $property) {
            self::assertShape($value[$name], (array) $property, "{$at}.{$name}");
        }
    }

    /** @return list<mixed> */
    private static function list(mixed $value, string $at): array
    {
        self::assertIsArray($value, $at);

        return array_values($value);
    }

    private static function typeOf(mixed $value): string
    {
        return match (true) {
            $value === null => 'null',
            is_bool($value) => 'boolean',
            is_int($value) => 'integer',
            is_string($value) => 'string',
            is_array($value) => 'array',
            default => throw new RuntimeException('Neither a text, a whole number, a truth nor nothing.'),
        };
    }

    /**
     * @param  array<mixed>  $of
     * @return array<mixed>
     */
    private static function part(array $of, string ...$names): array
    {
        foreach ($names as $name) {
            $of = (array) ($of[$name] ?? throw new RuntimeException("“{$name}” is not described."));
        }

        return $of;
    }

    /** @return array<mixed> */
    private static function document(): array
    {
        return (array) json_decode((string) file_get_contents(base_path('openapi.json')), true);
    }
}
