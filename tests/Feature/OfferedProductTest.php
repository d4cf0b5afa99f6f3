<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use PaperKite\Offer\OfferState;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A product's link and button are copied where the product is. */
final class OfferedProductTest extends TestCase
{
    private Shop $shop;

    private Product $product;

    protected function setUp(): void
    {
        parent::setUp();
        config(['kite.payments.provider' => 'standin']);
        $this->shop = $this->shop();
        $this->product = $this->product($this->shop);
        $this->actingAs($this->person($this->shop));
    }

    public function test_a_link_and_a_button_are_two_places_of_one_offer_that_is_live_however_often_they_are_asked_for(): void
    {
        $first = $this->ask('link')->assertOk();
        $this->ask('link')->assertOk()->assertJsonPath('url', $first->json('url'));
        $this->ask('html')->assertOk()->assertJsonPath('medium.key', 'html');

        self::assertSame([OfferState::Live], Offer::query()->where('shop_id', $this->shop->id)->get()->map(static fn (Offer $offer): OfferState => $offer->state)->all());
        self::assertSame(['html', 'link'], Placement::query()->where('shop_id', $this->shop->id)->orderBy('medium')->pluck('medium')->all());
        $url = $first->json('url');
        $this->get(is_string($url) ? $url : '')->assertStatus(303);
    }

    public function test_an_offer_that_the_seller_made_herself_is_left_alone(): void
    {
        $own = $this->offer($this->product);
        $this->placement($own);
        $this->ask('link')->assertOk();

        self::assertSame([1, 2], [$own->placements()->count(), Offer::query()->where('shop_id', $this->shop->id)->count()]);
    }

    public function test_what_stands_in_the_way_is_told_and_nothing_is_made(): void
    {
        $this->shop->update(['payee' => null]);
        $this->ask('html')->assertUnprocessable()->assertJsonPath('errors.product.0', 'The shop has no payee, so no offer can go live; name the account that payments go to.');
        $this->ask('qr')->assertUnprocessable();

        self::assertSame([0, 0], [Offer::query()->where('shop_id', $this->shop->id)->count(), Placement::query()->where('shop_id', $this->shop->id)->count()]);
    }

    public function test_another_shops_product_is_not_there(): void
    {
        $foreign = $this->product($this->shop());

        $this->postJson($this->console("/api/shops/{$this->shop->slug}/products/{$foreign->id}/place"), ['medium' => 'link'])->assertNotFound();
    }

    /** @return TestResponse<Response> */
    private function ask(string $medium): TestResponse
    {
        return $this->postJson($this->console("/api/shops/{$this->shop->slug}/products/{$this->product->id}/place"), ['medium' => $medium]);
    }
}
