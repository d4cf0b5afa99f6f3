<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\Shop;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A shop changes its names; every address that it had goes on leading to it. */
final class RenameTest extends TestCase
{
    private const NAVIGATES = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_old_addresses_and_pasted_links_work_after_three_renames(): void
    {
        $placement = $this->placement($this->offer($this->product($this->shop)));
        $hosts = [$this->shop->host];
        $slugs = [$this->shop->slug];
        foreach (['one', 'two', 'three'] as $name) {
            $hosts[] = "{$this->shop->slug}-{$name}.localhost";
            $slugs[] = "{$slugs[0]}-{$name}";
            $this->putJson($this->console("/api/shops/{$slugs[0]}/names"), ['name' => "Shop {$name}", 'slug' => end($slugs), 'host' => end($hosts), 'checkout_slug' => "kasse-{$name}"])
                ->assertOk()->assertJsonPath('slug', end($slugs))->assertJsonPath('checkout_slug', "kasse-{$name}");
            $this->shop->refresh();
        }

        foreach (array_slice($hosts, 0, 3) as $host) {
            $this->get("http://{$host}/k/{$placement->code}", self::NAVIGATES)->assertStatus(301)->assertHeader('Location', "{$this->shop->base()}/k/{$placement->code}");
            $this->get("http://{$host}/take/x?to=pay")->assertStatus(301)->assertHeader('Location', "{$this->shop->base()}/take/x?to=pay");
        }
        $answer = $this->get("http://{$this->shop->host}/k/{$placement->code}", self::NAVIGATES);
        $ref = Cart::query()->firstOrFail()->ref;
        $answer->assertRedirect("/kasse-three/{$ref}");
        foreach (['checkout', 'kasse-one', 'kasse-two'] as $former) {
            $this->get("http://{$this->shop->host}/{$former}/{$ref}?after=declined")->assertStatus(301)->assertHeader('Location', "/kasse-three/{$ref}?after=declined");
            $this->post("http://{$this->shop->host}/{$former}/{$ref}", [], ['Origin' => $this->shop->base()])->assertStatus(308)->assertHeader('Location', "/kasse-three/{$ref}");
        }
        $this->withUnencryptedCookies(['kite_visitor' => (string) $answer->headers->getCookies()[0]->getValue()])->get("http://{$this->shop->host}/kasse-three/{$ref}")->assertOk()->assertSee("/kasse-three/{$ref}");
        $this->get("http://{$this->shop->host}/elsewhere/{$ref}")->assertNotFound();
        foreach (array_slice($slugs, 0, 3) as $slug) {
            $this->get($this->console("/{$slug}/offers?search=x"))->assertStatus(301)->assertHeader('Location', '/'.end($slugs).'/offers?search=x');
            $this->getJson($this->console("/api/shops/{$slug}"))->assertOk()->assertJsonPath('slug', end($slugs));
        }
    }

    public function test_a_shop_can_go_back_to_a_name_that_it_had(): void
    {
        $names = ['name' => 'Back', 'slug' => $this->shop->slug, 'host' => $this->shop->host, 'checkout_slug' => 'checkout'];
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/names"), ['slug' => "{$this->shop->slug}-b", 'host' => "b-{$this->shop->host}", 'checkout_slug' => 'kasse'] + $names)->assertOk();
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/names"), $names)->assertOk()->assertJsonPath('slug', $names['slug']);

        $this->get("http://{$names['host']}/")->assertOk()->assertSee('Back');
        $this->get("http://b-{$names['host']}/")->assertStatus(301);
        $this->get("http://{$names['host']}/kasse/abcdefghijkl")->assertStatus(301)->assertHeader('Location', '/checkout/abcdefghijkl');
    }

    /** @param  array<string, string>  $with */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_or_taken_is_told_at_its_field(array $with, string $field, string $part): void
    {
        $this->shop(['slug' => 'taken', 'host' => 'taken.localhost']);
        $answer = $this->putJson($this->console("/api/shops/{$this->shop->slug}/names"), $with + ['name' => 'Tarn', 'slug' => $this->shop->slug, 'host' => $this->shop->host, 'checkout_slug' => 'checkout'])->assertUnprocessable();

        $errors = $answer->json('errors');
        self::assertIsArray($errors);
        self::assertSame([$field], array_keys($errors));
        self::assertStringContainsString($part, (string) json_encode($errors, JSON_UNESCAPED_UNICODE));
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name', 'missing'];
        yield 'a slug with a dot' => [['slug' => 'a.b'], 'slug', 'can’t stand in an address'];
        yield 'a slug of the console’s own' => [['slug' => 'api'], 'slug', 'can’t stand in an address'];
        yield 'a slug that the console serves pictures at' => [['slug' => 'pictures'], 'slug', 'can’t stand in an address'];
        yield 'the provider’s host' => [['host' => 'pay.localhost'], 'host', 'is taken'];
        yield 'a stand-in’s host' => [['host' => 'blog.localhost'], 'host', 'is taken'];
        yield 'a host that is nobody’s yet, elsewhere' => [['host' => 'fern.example'], 'host', 'ask them, or choose one right below localhost'];
        yield 'a host two steps below' => [['host' => 'a.pay.localhost'], 'host', 'Only whoever runs this server'];
        yield 'a host of one label' => [['host' => 'localhost'], 'host', 'not a host name'];
        yield 'another shop’s slug' => [['slug' => 'taken'], 'slug', 'taken by another shop'];
        yield 'another shop’s host' => [['host' => 'taken.localhost'], 'host', 'is taken'];
        yield 'the console’s host' => [['host' => 'seller.localhost'], 'host', 'is taken'];
        yield 'no host' => [['host' => 'https://x.example/'], 'host', 'not a host name'];
        yield 'a page of the shop' => [['checkout_slug' => 'cart'], 'checkout_slug', 'another page'];
    }

    public function test_a_shop_takes_new_addresses_five_times_a_day_and_its_name_as_often_as_it_likes(): void
    {
        config(['kite.hosts.renames_per_day' => 5]);
        $slug = $this->shop->slug;
        $names = fn (int $round): array => ['name' => "Round {$round}", 'slug' => $slug, 'host' => $this->shop->host, 'checkout_slug' => "till-{$round}"];
        foreach (range(1, 5) as $round) {
            $this->putJson($this->console("/api/shops/{$slug}/names"), $names($round))->assertOk();
        }
        $this->putJson($this->console("/api/shops/{$slug}/names"), $names(6))->assertUnprocessable()->assertJsonPath('errors.checkout_slug.0', 'A shop can take new addresses 5 times a day; nothing was changed, try again tomorrow.');
        $this->putJson($this->console("/api/shops/{$slug}/names"), ['name' => 'Another name'] + $names(5))->assertOk()->assertJsonPath('name', 'Another name');
        $this->command('shop:move', ['slug' => $slug, 'host' => 'anything.fern.example'])->assertSuccessful();
    }

    public function test_former_slugs_of_others_are_theirs_for_a_new_shop_too(): void
    {
        $former = $this->shop->slug;
        $this->putJson($this->console("/api/shops/{$former}/names"), ['name' => 'Tarn', 'slug' => "{$former}-new", 'host' => $this->shop->host, 'checkout_slug' => 'checkout'])->assertOk();

        $this->command('shop:create', ['slug' => $former, 'name' => 'Thief', 'host' => 'thief.fern.example'])->assertFailed();
        $this->command('shop:create', ['slug' => 'sign-in', 'name' => 'Thief', 'host' => 'thief.fern.example'])->assertFailed();
        $this->command('shop:create', ['slug' => 'thief', 'name' => 'Thief', 'host' => 'pay.localhost'])->assertFailed();
    }

    public function test_a_host_that_a_shop_has_left_is_nobody_elses(): void
    {
        $former = $this->shop->host;
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/names"), ['name' => 'Tarn', 'slug' => $this->shop->slug, 'host' => "new-{$former}", 'checkout_slug' => 'checkout'])->assertOk();
        $other = $this->shop();
        $this->actingAs($this->person($other))->putJson($this->console("/api/shops/{$other->slug}/names"), ['name' => 'Other', 'slug' => $other->slug, 'host' => $former, 'checkout_slug' => 'checkout'])->assertUnprocessable()->assertJsonValidationErrorFor('host');
    }
}
