<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Order;
use App\Models\Shop;
use App\Offers\OfferForm;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** A shop is open to its own people and to nobody else. */
final class ScopeTest extends TestCase
{
    public function test_a_person_of_another_shop_is_refused_at_every_address(): void
    {
        $shop = $this->shop();
        $offer = $this->offer($this->product($shop))->load('lines');
        $this->person($shop);
        $stranger = $this->person($this->shop());
        $addresses = $this->addresses($shop, $offer);

        self::assertGreaterThan(12, count($addresses));
        foreach ($addresses as [$method, $address]) {
            $this->actingAs($stranger)->json($method, $this->console($address))->assertNotFound();
        }
    }

    public function test_nobody_is_let_in_without_signing_in(): void
    {
        $shop = $this->shop();
        $offer = $this->offer($this->product($shop))->load('lines');
        $this->person($shop);

        foreach ($this->addresses($shop, $offer) as [$method, $address]) {
            $this->json($method, $this->console($address))->assertUnauthorized();
        }
        $this->get($this->console("/preview/{$shop->slug}/button?ground=light"))->assertRedirect('/sign-in');
    }

    public function test_what_belongs_to_another_shop_is_not_found_in_ones_own(): void
    {
        $own = $this->shop();
        $other = $this->shop();
        $foreign = $this->offer($this->product($other))->load('lines');
        $person = $this->person($own);

        foreach (['products/'.$foreign->lines->firstOrFail()->product_id, 'offers/'.$foreign->id] as $path) {
            $this->actingAs($person)->getJson($this->console("/api/shops/{$own->slug}/{$path}"))->assertNotFound();
        }
        $this->actingAs($person)->postJson($this->console("/api/shops/{$own->slug}/offers"), self::sent(OfferForm::of($foreign->load(Offer::TOLD_WITH))))
            ->assertUnprocessable()->assertJsonPath('errors', ['items.0.product' => ['The product that was picked is not in this shop; pick another.']]);
        $placement = $this->placement($foreign);
        $look = $other->looks()->firstOrFail();
        $table = $other->priceTables()->create(['name' => 'Jars']);
        foreach (["looks/{$look->id}", "placements/{$placement->id}", "price-tables/{$table->id}"] as $path) {
            $this->actingAs($person)->putJson($this->console("/api/shops/{$own->slug}/{$path}"), [])->assertNotFound();
        }
        foreach (["looks/{$look->id}", "price-tables/{$table->id}"] as $path) {
            $this->actingAs($person)->postJson($this->console("/api/shops/{$own->slug}/{$path}/away"), ['is_away' => true])->assertNotFound();
        }
        $this->actingAs($person)->postJson($this->console("/api/shops/{$own->slug}/price-tables"), self::tableEntry('Mine', [$foreign->id, $this->offer($this->product($own))->id]))
            ->assertUnprocessable()->assertJsonValidationErrorFor('columns');
        $this->actingAs($person)->post($this->console("/preview/{$other->slug}/tables"), ['ground' => 'light'])->assertNotFound();
        $this->actingAs($person)->get($this->console("/preview/{$other->slug}/button?ground=light"))->assertNotFound();
        self::assertSame(0, Order::query()->count());
    }

    /** @return list<array{string, string}> method and path of all that the console can ask of a shop */
    private function addresses(Shop $shop, Offer $offer): array
    {
        $addresses = [];
        $placement = $this->placement($offer);
        $table = $shop->priceTables()->create(['name' => 'Jars']);
        $display = $this->display($shop);
        $marketplace = $this->marketplace($shop);
        $report = $this->report($marketplace);
        $address = $this->partnerProduct($shop, [], $marketplace)->addresses()->sole();
        $coupon = $shop->coupons()->create(['code' => 'MAY', 'kind' => 'amount', 'amount_minor' => 100]);
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/shops/{shop}')) {
                $method = is_string($route->methods()[0] ?? null) ? $route->methods()[0] : self::fail('A route without a method.');
                $path = strtr($route->uri(), [
                    '{shop}' => $shop->slug, '{offer}' => (string) $offer->id, '{product}' => (string) $offer->lines->firstOrFail()->product_id, '{order}' => '1001',
                    '{look}' => (string) $shop->looks()->firstOrFail()->id, '{placement}' => (string) $placement->id, '{priceTable}' => (string) $table->id, '{shelf}' => (string) $display->shelf_id, '{displayPlacement}' => (string) $display->id, '{coupon}' => (string) $coupon->id, '{marketplace}' => (string) $marketplace->id, '{report}' => (string) $report->id, '{address}' => (string) $address->id, '{key}' => 'nordkai', '{kind}' => 'product', '{subject}' => '1', '{person}' => (string) $shop->people()->firstOrFail()->id, '{invitation}' => '1',
                ]);
                $addresses[] = [$method, "/{$path}"];
            }
        }

        return $addresses;
    }
}
