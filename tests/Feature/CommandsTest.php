<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Order;
use App\Models\Person;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\TestCase;

final class CommandsTest extends TestCase
{
    public function test_a_shop_and_its_first_person_are_made_from_the_command_line(): void
    {
        $this->command('shop:create', ['slug' => 'fern', 'name' => 'Fern & Fold', 'host' => 'Fern.localhost'])->assertSuccessful();
        $this->command('shop:payee', ['slug' => 'fern', 'account' => 'fern-fold'])->assertSuccessful();
        $this->command('person:create', ['email' => 'ivo@fern.example', '--shop' => ['fern'], '--name' => 'Ivo'])->expectsQuestion('Password (at least 12 characters)', 'twelve letters')->assertSuccessful();

        $person = Person::query()->where('email', 'ivo@fern.example')->firstOrFail();
        self::assertTrue(Hash::check('twelve letters', $person->password));
        self::assertSame(['fern.localhost', 'fern-fold'], [$person->shops()->firstOrFail()->host, $person->shops()->firstOrFail()->payee]);
    }

    /** @param  array<string, mixed>  $arguments */
    #[DataProvider('wrong')]
    public function test_a_wrong_argument_is_told_in_a_sentence(string $command, array $arguments, string $sentence): void
    {
        $this->shop(['slug' => 'taken', 'host' => 'taken.localhost']);

        $this->command($command, $arguments)->expectsOutputToContain($sentence)->assertFailed();
    }

    /** @return iterable<array{string, array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield ['shop:create', ['slug' => 'A b', 'name' => 'x', 'host' => 'x.localhost'], 'can’t stand in an address'];
        yield ['shop:create', ['slug' => 'xx', 'name' => '', 'host' => 'x.localhost'], 'The name is missing.'];
        yield ['shop:create', ['slug' => 'xx', 'name' => 'x', 'host' => 'http://x'], 'is not a host name'];
        yield ['shop:create', ['slug' => 'xx', 'name' => 'x', 'host' => 'taken.localhost'], 'is taken'];
        yield ['shop:create', ['slug' => 'xx', 'name' => 'x', 'host' => 'seller.localhost'], 'is taken'];
        yield ['shop:create', ['slug' => 'xx', 'name' => 'x', 'host' => 'x.localhost', '--currency' => 'QQQ'], 'is not a currency'];
        yield ['shop:payee', ['slug' => 'nowhere', 'account' => 'x'], 'No shop has the slug'];
        yield ['shop:payee', ['slug' => 'taken', 'account' => 'me@mail.example'], 'can’t be an account'];
        yield ['shop:move', ['slug' => 'taken', 'host' => 'taken.localhost'], 'already'];
        yield ['shop:move', ['slug' => 'nowhere', 'host' => 'x.localhost'], 'No shop has the slug'];
        yield ['person:create', ['email' => 'nobody', '--shop' => ['taken']], 'is not an e-mail address'];
        yield ['person:create', ['email' => 'a@b.example', '--shop' => ['nowhere']], 'No shop has the slug “nowhere”.'];
        yield ['person:create', ['email' => 'a@b.example'], 'Name the shop'];
    }

    public function test_the_demo_is_loaded_once_and_the_same_every_time(): void
    {
        config(['kite.demo.password' => 'a made-up password', 'kite.demo.button_file' => null, 'kite.demo.pages' => null, 'kite.standin_port' => null]);

        $this->command('demo:load')->assertSuccessful();
        $this->command('demo:load')->assertSuccessful();

        $shop = Shop::query()->where('slug', 'mosslight')->firstOrFail();
        self::assertSame([10, 15, 21], [Product::query()->where('shop_id', $shop->id)->count(), Offer::query()->where('shop_id', $shop->id)->count(), Order::query()->where('shop_id', $shop->id)->count()]);
        self::assertSame(['j6n8x68', 36], [$shop->offers()->firstOrFail()->placements()->firstOrFail()->code, $shop->products()->where('sku', 'honey-340')->firstOrFail()->stock]);
        self::assertSame(0, Order::query()->whereNull('captured_at')->count());
    }

    public function test_neither_demo_nor_simulated_payments_run_in_production(): void
    {
        config(['kite.demo.password' => 'a made-up password', 'kite.payments.provider' => 'standin']);
        $this->app?->detectEnvironment(static fn (): string => 'production');

        $this->command('demo:load')->assertFailed();
        self::assertSame(0, Shop::query()->where('slug', 'mosslight')->count());
        $this->app?->forgetInstance(\App\Payments\PaymentProvider::class);
        $this->expectException(RuntimeException::class);
        $this->app?->make(\App\Payments\PaymentProvider::class);
    }

    public function test_without_a_provider_no_shop_is_ready(): void
    {
        config(['kite.payments.provider' => null]);
        $shop = $this->shop();

        $this->actingAs($this->person($shop))->getJson($this->console("/api/shops/{$shop->slug}"))->assertOk()->assertJsonPath('is_ready', false);
    }
}
