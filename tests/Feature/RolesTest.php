<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Download;
use App\Models\Invitation;
use App\Models\Order;
use App\Models\PartnerReport;
use App\Models\Person;
use App\Models\Sample;
use App\Models\Shop;
use App\Models\StoredFile;
use App\Text\Secrets;
use App\Uploads\BeginUpload;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use PaperKite\Download\FileName;
use PaperKite\Download\FileSize;
use PaperKite\People\Ability;
use PaperKite\People\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** Every address of a shop in the console names what somebody must be allowed to do there. */
final class RolesTest extends TestCase
{
    use TakesOrders;

    /** What is worked out and written nowhere: the only addresses that take a form and may be asked by whoever reads. */
    private const CHANGE_NOTHING = [
        'POST api/shops/{shop}/products/check', 'POST api/shops/{shop}/open-links/build', 'POST api/shops/{shop}/looks/trial', 'POST api/shops/{shop}/offers/proof',
        'POST api/shops/{shop}/placements/{placement}/widget', 'POST api/shops/{shop}/orders/{order}/refunds/trial', 'POST api/shops/{shop}/marketplaces/trial',
        'POST api/shops/{shop}/rules/trial', 'POST api/shops/{shop}/page-look/trial', 'POST preview/{shop}/words', 'POST preview/{shop}/pages', 'POST preview/{shop}/tables', 'POST api/shops/{shop}/price-tables/trial', 'POST api/shops/{shop}/shelves/trial',
        // Whoever works in a shop may leave it.
        'POST api/shops/{shop}/leave',
    ];

    private const OWNERS = [
        'PUT api/shops/{shop}/payee' => Ability::Payee, 'GET api/shops/{shop}/people' => Ability::People, 'POST api/shops/{shop}/invitations' => Ability::People,
        'DELETE api/shops/{shop}/invitations/{invitation}' => Ability::People, 'PUT api/shops/{shop}/people/{person}' => Ability::People, 'DELETE api/shops/{shop}/people/{person}' => Ability::People,
    ];

    public function test_each_address_names_one_ability_and_the_right_one(): void
    {
        $routes = self::routes();

        self::assertGreaterThan(70, count($routes));
        foreach ($routes as $name => $route) {
            $expected = self::OWNERS[$name] ?? (str_starts_with($name, 'GET ') || in_array($name, self::CHANGE_NOTHING, true) ? Ability::Read : Ability::Work);
            self::assertSame(["can:{$expected->value},shop"], array_values(array_filter($route->gatherMiddleware(), static fn (mixed $middleware): bool => is_string($middleware) && str_starts_with($middleware, 'can:'))), $name);
        }
        self::assertSame([], array_diff([...self::CHANGE_NOTHING, ...array_keys(self::OWNERS)], array_keys($routes)), 'What is named here is there.');
    }

    public function test_no_address_of_a_shop_is_outside(): void
    {
        $others = array_filter(Route::getRoutes()->getRoutes(), static fn (OneRoute $route): bool => in_array('console', $route->gatherMiddleware(), true) && in_array('shop', $route->parameterNames(), true));

        self::assertSame([], array_values(array_diff(array_map(self::nameOf(...), $others), array_keys(self::routes()))));
    }

    /** @return iterable<string, array{Role}> */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role];
        }
    }

    #[DataProvider('roles')]
    public function test_each_is_let_in_where_the_role_may_and_nowhere_else(Role $role): void
    {
        Queue::fake();
        $shop = $this->shop();
        $this->person($shop);
        $asking = $this->personAs($shop, $role);
        $this->placement($this->offer($this->product($shop)));
        $there = [
            '{priceTable}' => $shop->priceTables()->create(['name' => 'Jars'])->id, '{shelf}' => $shop->shelves()->create(['name' => 'Hive', 'density' => 'cards', 'onwards' => 'stay'])->id, '{displayPlacement}' => $this->display($shop)->id, '{coupon}' => $shop->coupons()->create(['code' => 'MAY', 'kind' => 'amount', 'amount_minor' => 100])->id, '{marketplace}' => ($marketplace = $this->marketplace($shop))->id, '{report}' => $this->report($marketplace)->id, '{address}' => $this->partnerProduct($shop, [], $marketplace)->addresses()->sole()->id,
            '{order}' => ($order = $this->held($shop, $shop->products()->firstOrFail(), 1))->number, '{download}' => $this->link($order)->id,
            '{upload}' => $this->begun($shop)->id, '{giftCard}' => $this->giftCard($shop, 2500)->id, '{file}' => $this->soldFile($shop->products()->firstOrFail())->id, '{sample}' => $this->sample($shop)->id,
        ];

        foreach (self::routes() as $name => $route) {
            // The forms are blank: whoever is let in is refused by what they hold, or finds nothing to change.
            // What may be dropped is there again for the next one.
            $there['{upload}'] = StoredFile::query()->whereKey($there['{upload}'])->first()->id ?? $this->begun($shop)->id;
            $there['{report}'] = PartnerReport::query()->whereKey($there['{report}'])->first()->id ?? $this->report($marketplace)->id;
            $status = $this->actingAs($asking)->json(strtok($name, ' ') ?: '', $this->console('/'.strtr($this->filled($route->uri(), $shop), array_map(strval(...), $there))))->getStatusCode();
            $may = $role->may($this->abilityOf($route));
            self::assertSame($may, $status !== 403, "{$name} answers {$status}.");
            // What may be done by this request is undone for the next one.
            DB::table('memberships')->upsert([['person_id' => $asking->id, 'shop_id' => $shop->id, 'role' => $role->value]], ['person_id', 'shop_id'], ['role']);
        }
    }

    #[DataProvider('roles')]
    public function test_whoever_may_not_is_told_whom_to_ask(Role $role): void
    {
        $shop = $this->shop();
        $this->actingAs($this->personAs($shop, $role));
        $payee = $this->putJson($this->console("/api/shops/{$shop->slug}/payee"), ['payee' => 'elsewhere', 'password' => 'a long enough password']);
        $product = $this->postJson($this->console("/api/shops/{$shop->slug}/open-links"), []);

        $role === Role::Owner ? $payee->assertOk() : $payee->assertForbidden()->assertJsonPath('message', 'Only an owner can change whom payments go to; ask one.');
        self::assertSame($role === Role::Owner ? 'elsewhere' : 'tarn-side', $shop->refresh()->payee);
        $product->assertNotFound();
        $sold = $this->putJson($this->console("/api/shops/{$shop->slug}/open-links"), ['to' => 'pay']);
        $role === Role::Reader ? $sold->assertForbidden()->assertJsonPath('message', 'You can look at everything in this shop, but change nothing; ask an owner of the shop.') : $sold->assertOk();
    }

    public function test_a_person_is_told_what_they_may_in_each_shop(): void
    {
        $shop = $this->shop(['name' => 'Acorn']);
        $other = $this->shop(['name' => 'Beech']);
        $person = $this->personAs($shop, Role::Reader);
        $person->shops()->attach($other->id, ['role' => Role::Editor]);

        $this->actingAs($person)->getJson($this->console('/api/me'))
            ->assertJsonPath('person.shops.0.role', 'reader')->assertJsonPath('person.shops.0.may', ['read'])
            ->assertJsonPath('person.shops.1.role', 'editor')->assertJsonPath('person.shops.1.may', ['read', 'work']);
    }

    private function personAs(Shop $shop, Role $role): Person
    {
        $person = $this->person($shop);
        $person->shops()->updateExistingPivot($shop->id, ['role' => $role]);

        return $person->refresh();
    }

    private function invited(Shop $shop): Invitation
    {
        return Invitation::query()->create(['shop_id' => $shop->id, 'email' => 'ada@letters.example', 'role' => Role::Reader, 'digest' => hash('sha256', Secrets::token()), 'created_at' => now(), 'expires_at' => now()->addDay()]);
    }

    private function abilityOf(OneRoute $route): Ability
    {
        foreach ($route->gatherMiddleware() as $middleware) {
            if (is_string($middleware) && preg_match('/\Acan:(\w+),shop\z/', $middleware, $parts) === 1) {
                return Ability::from($parts[1]);
            }
        }
        self::fail("{$route->uri()} names no ability.");
    }

    private function filled(string $uri, Shop $shop): string
    {
        $product = $shop->products()->firstOrFail()->id;
        $offer = $shop->offers()->firstOrFail();

        return strtr($uri, [
            '{shop}' => $shop->slug, '{product}' => (string) $product, '{offer}' => (string) $offer->id, '{placement}' => (string) $offer->placements()->firstOrFail()->id, '{look}' => (string) $shop->looks()->firstOrFail()->id,
            '{person}' => (string) $shop->people()->firstOrFail()->id, '{key}' => 'nordkai', '{kind}' => 'product', '{subject}' => '1', '{invitation}' => (string) $this->invited($shop)->id,
        ]);
    }

    /** @return array<string, OneRoute> by method and address: all that the console can ask of a shop */
    private static function routes(): array
    {
        $routes = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (preg_match('#\A(?:api/shops|preview|sheets)/\{shop\}#', $route->uri()) === 1) {
                $routes[self::nameOf($route)] = $route;
            }
        }

        return $routes;
    }

    private static function nameOf(OneRoute $route): string
    {
        $method = $route->methods()[0] ?? '';

        return (is_string($method) ? $method : '').' '.$route->uri();
    }

    private function begun(Shop $shop): StoredFile
    {
        return app(BeginUpload::class)($shop, null, FileName::of('guide.pdf'), FileSize::of(12));
    }

    private function sample(Shop $shop): Sample
    {
        return $shop->samples()->create(['kind' => 'audio', 'state' => 'ready', 'pages' => 0, 'file' => 'bees.mp3', 'pictures' => [], 'created_at' => now(), 'free_since' => now()]);
    }

    private function link(Order $order): Download
    {
        return $order->downloads()->create(['shop_id' => $order->shop_id, 'order_line_id' => $order->lines()->firstOrFail()->id, 'turn' => 1, 'digest' => str_repeat('a', 64), 'until' => now()->addDay(), 'most' => 1, 'created_at' => now()]);
    }
}
