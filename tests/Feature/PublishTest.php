<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Product;
use App\Models\Shop;
use App\Payments\NoProvider;
use App\Payments\PaymentProvider;
use Illuminate\Testing\TestResponse;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** An offer goes live once nothing is wrong with it; what is only doubtful does not keep it. */
final class PublishTest extends TestCase
{
    private Shop $shop;

    private Product $honey;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop);
        $this->actingAs($this->person($this->shop));
    }

    public function test_an_offer_that_stands_nowhere_gets_a_link_when_it_goes_live_and_only_one(): void
    {
        $offer = $this->draft();
        $this->become($offer, 'live')->assertOk()->assertJsonCount(1, 'placements')->assertJsonPath('placements.0.page', 'a link to share')->assertJsonPath('placements.0.medium.key', 'link');
        $this->become($offer, 'paused')->assertOk();
        $this->become($offer, 'live')->assertOk()->assertJsonCount(1, 'placements');

        $placed = $this->draft();
        $this->placement($placed, 'the footer');
        $this->become($placed, 'live')->assertOk()->assertJsonCount(1, 'placements')->assertJsonPath('placements.0.page', 'the footer');
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_keeps_an_offer_from_going_live(array $with, string $part): void
    {
        $offer = $this->draft($with);
        $answer = $this->become($offer, 'live')->assertUnprocessable();

        self::assertStringContainsString($part, (string) json_encode($answer->json('errors.state'), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
        self::assertSame([OfferState::Draft, 0], [$offer->refresh()->state, $offer->placements()->count()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a landing at a host that was struck off the list' => [['landing' => 'https://fern.example/'], 'no address at a host that you have listed'];
        yield 'a question that begins outside its limits' => [['ask_label' => 'How many', 'ask_least' => 3, 'ask_most' => 6], 'begins with 1'];
    }

    #[TestWith([null])]
    #[TestWith([''])]
    public function test_without_a_payment_provider_nothing_goes_live_however_the_setting_is_left_empty(?string $provider): void
    {
        config(['kite.payments.provider' => $provider]);
        $this->app?->forgetInstance(PaymentProvider::class);
        $offer = $this->draft();

        $this->become($offer, 'live')->assertUnprocessable();
        self::assertFalse($this->shop->isReady());
        self::assertInstanceOf(NoProvider::class, app(PaymentProvider::class));
        self::assertStringContainsString("form-action 'self'; base-uri", (string) $this->get($this->shop->base().'/')->headers->get('Content-Security-Policy'));
    }

    public function test_nothing_to_stay_with_keeps_an_offer_from_going_live(): void
    {
        $offer = $this->draft(['destination' => Onwards::Stay]);
        $offer->lines()->delete();

        $this->become($offer, 'live')->assertUnprocessable();
        $offer->update(['destination' => Onwards::Cart]);
        $this->become($offer, 'live')->assertOk();
    }

    /** @param  array<string, mixed>  $product */
    #[DataProvider('doubtful')]
    public function test_what_is_only_doubtful_does_not(array $product): void
    {
        $this->honey->update($product);

        $this->become($this->draft(), 'live')->assertOk()->assertJsonPath('state', 'live');
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function doubtful(): iterable
    {
        yield 'sold out' => [['stock' => 0]];
        yield 'given away' => [['price_minor' => 0]];
        yield 'a sale about to end' => [['sale_minor' => 500, 'sale_until' => now()->addDays(2)]];
        yield 'a picture without words' => [['lead_picture' => 'a.webp', 'lead_alt' => '']];
    }

    public function test_a_host_that_is_listed_lets_it_go_live_and_striking_it_off_later_leads_nobody_there(): void
    {
        $this->shop->update(['checkout_rules' => new CheckoutRules(hosts: ['fern.example'])]);
        $offer = $this->draft(['landing' => 'https://fern.example/', 'destination' => Onwards::Stay]);
        $this->become($offer, 'live')->assertOk();
        $link = $offer->placements()->firstOrFail()->link($this->shop)->url();
        $navigates = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];

        $this->get($link, $navigates)->assertRedirect('https://fern.example/');
        $this->shop->update(['checkout_rules' => new CheckoutRules]);
        $this->get($link, $navigates)->assertRedirect('/?after=added');
    }

    /** @param  array<string, mixed>  $with */
    private function draft(array $with = []): Offer
    {
        return $this->offer($this->honey, $with + ['state' => OfferState::Draft]);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function become(Offer $offer, string $state): TestResponse
    {
        return $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers/{$offer->id}/state"), ['state' => $state]);
    }
}
