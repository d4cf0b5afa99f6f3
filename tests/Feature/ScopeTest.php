<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Order;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** A shop is open to its own people and to nobody else. */
final class ScopeTest extends TestCase
{
    public function test_a_person_of_another_shop_is_refused_at_every_address(): void
    {
        $shop = $this->shop();
        $offer = $this->offer($this->product($shop));
        $stranger = $this->person($this->shop());
        $addresses = $this->addresses($shop->slug, $offer->id, $offer->product_id);

        self::assertGreaterThan(12, count($addresses));
        foreach ($addresses as [$method, $address]) {
            $this->actingAs($stranger)->json($method, $this->console($address))->assertNotFound();
        }
    }

    public function test_nobody_is_let_in_without_signing_in(): void
    {
        $shop = $this->shop();
        $offer = $this->offer($this->product($shop));

        foreach ($this->addresses($shop->slug, $offer->id, $offer->product_id) as [$method, $address]) {
            $this->json($method, $this->console($address))->assertUnauthorized();
        }
        $this->get($this->console('/preview/button?caption=x&ground=light'))->assertRedirect('/sign-in');
    }

    public function test_what_belongs_to_another_shop_is_not_found_in_ones_own(): void
    {
        $own = $this->shop();
        $other = $this->shop();
        $foreign = $this->offer($this->product($other));
        $person = $this->person($own);

        foreach (['products/'.$foreign->product_id, 'offers/'.$foreign->id] as $path) {
            $this->actingAs($person)->getJson($this->console("/api/shops/{$own->slug}/{$path}"))->assertNotFound();
        }
        $this->actingAs($person)->postJson($this->console("/api/shops/{$own->slug}/offers"), ['product_id' => $foreign->product_id, 'quantity' => '1', 'destination' => 'pay', 'cart_use' => 'just_this', 'caption' => ''])
            ->assertUnprocessable()->assertJsonPath('errors.product_id.0', 'The product that was picked is not in this shop; pick another.');
        self::assertSame(0, Order::query()->count());
    }

    /** @return list<array{string, string}> method and path of all that the console can ask of a shop */
    private function addresses(string $slug, int $offer, int $product): array
    {
        $addresses = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/shops/{shop}')) {
                $method = is_string($route->methods()[0] ?? null) ? $route->methods()[0] : self::fail('A route without a method.');
                $path = strtr($route->uri(), ['{shop}' => $slug, '{offer}' => (string) $offer, '{product}' => (string) $product, '{order}' => '1001']);
                $addresses[] = [$method, "/{$path}"];
            }
        }

        return $addresses;
    }
}
