<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Results\EventKind;
use Tests\TestCase;

/** The page of an offer: what it is, and what the shopper has still to say. */
final class OfferPageTest extends TestCase
{
    private Shop $shop;

    private Product $honey;

    private Product $wrap;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['stock' => 9]);
        $this->wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Beeswax wrap', 'price_minor' => 1200, 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small' => 0, 'Large' => 3] as $size => $stock) {
            $this->wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => "wrap-{$size}", 'choices' => [$size], 'choices_digest' => hash('sha256', $size), 'stock' => $stock]);
        }
    }

    public function test_a_number_that_is_asked_for_is_taken_within_its_limits(): void
    {
        $placement = $this->placement($this->offer($this->honey, ['ask_label' => 'Jars, please', 'ask_least' => 2, 'ask_most' => 6, 'quantity' => 2]));
        $page = "/o/{$placement->code}";
        $this->click($placement)->assertRedirect($page);
        self::assertSame([0, 1], [CartLine::query()->count(), $this->acts($this->shop, EventKind::Click)]);
        $this->get($this->at($page))->assertOk()->assertSee('Jars, please')->assertSee('2 to 6')->assertSee('value="2"', false)->assertSee('Buy now');

        $this->answer($page, ['quantity' => '7'])->assertUnprocessable()->assertSee('from 2 to 6')->assertSee('value="7"', false);
        $this->answer($page, ['quantity' => '5'])->assertStatus(303);
        self::assertSame([5, $placement->id], [CartLine::query()->firstOrFail()->quantity, CartLine::query()->firstOrFail()->placement_id]);
        self::assertSame(1, $this->acts($this->shop, EventKind::Click));
    }

    public function test_a_variant_that_is_left_open_is_chosen_and_then_paid(): void
    {
        $placement = $this->placement($this->offer($this->wrap));
        $page = "/o/{$placement->code}";
        $this->click($placement)->assertRedirect($page);

        $this->answer($page, [])->assertUnprocessable()->assertSee('this combination is not available');
        $this->answer($page, ['choice' => [['Small']]])->assertUnprocessable()->assertSee('sold out at the moment');
        $location = $this->answer($page, ['choice' => [['Large']]])->assertStatus(303)->headers->get('Location');
        self::assertSame('/checkout/'.Cart::query()->firstOrFail()->ref, $location);
        self::assertSame('wrap-Large', CartLine::query()->firstOrFail()->variant?->sku);
    }

    public function test_a_named_variant_is_added_at_once_with_the_other_goods(): void
    {
        $placement = $this->placement($this->withWrap('wrap-Large'));
        $this->click($placement)->assertStatus(303)->assertRedirect('/cart');

        self::assertSame([['wrap-Large', 1], [null, 1]], CartLine::query()->orderByDesc('variant_id')->get()->map(static fn (CartLine $line): array => [$line->variant?->sku, $line->quantity])->all());
        $this->click($this->placement($this->withWrap('wrap-Small')))->assertOk()->assertSee('Not all of “Heather honey, 340 g”, “Beeswax wrap” is available');
    }

    public function test_a_page_of_its_own_shows_all_of_an_offer_and_names_what_was_chosen(): void
    {
        $placement = $this->placement($this->withWrap('wrap-Large', ['opening' => Opening::OwnPage]));
        $this->click($placement)->assertRedirect("/o/{$placement->code}");

        $this->get($this->at("/o/{$placement->code}"))->assertOk()->assertSee('Large')->assertSee('€12.00')->assertSee('€9.80')->assertDontSee('fieldset', false);
        $this->answer("/o/{$placement->code}", [])->assertRedirect('/cart');
        self::assertSame(2, CartLine::query()->count());
    }

    public function test_whoever_looks_on_comes_back_to_the_goods_or_to_an_address_that_is_listed(): void
    {
        $placement = $this->placement($this->offer($this->honey, ['destination' => Onwards::Stay, 'landing' => 'https://fern.example/thanks']));
        $this->click($placement)->assertRedirect('/?after=added');

        $rules = $this->shop->checkout_rules;
        $this->shop->update(['checkout_rules' => new CheckoutRules(hosts: ['fern.example'], couponPlace: $rules->couponPlace)]);
        $this->click($placement)->assertRedirect('https://fern.example/thanks');
        self::assertSame('https://fern.example/thanks', Cart::query()->latest('id')->firstOrFail()->back);
    }

    public function test_the_cart_as_it_is_is_shown_or_paid(): void
    {
        $offer = $this->offer($this->honey, ['destination' => Onwards::Pay]);
        $offer->lines()->delete();
        $placement = $this->placement($offer);
        $this->click($placement)->assertRedirect('/cart');

        $visitor = (string) $this->click($this->placement($this->offer($this->honey, ['destination' => Onwards::Cart])))->headers->getCookies()[0]->getValue();
        $ref = Cart::query()->firstOrFail()->ref;
        $this->withUnencryptedCookies(['kite_visitor' => $visitor])->click($placement)->assertRedirect("/checkout/{$ref}");
        $this->get($this->at("/o/{$placement->code}"))->assertNotFound();
    }

    public function test_a_page_says_why_an_offer_can_not_be_had(): void
    {
        $placement = $this->placement($this->offer($this->honey, ['quantity' => 10, 'words' => \PaperKite\Offer\StateWords::of(['sold_out' => 'All eaten'])]));
        $this->get($this->at("/o/{$placement->code}"))->assertOk()->assertSee('All eaten');
        $this->answer("/o/{$placement->code}", [])->assertOk()->assertSee('All eaten');
        $this->get($this->at('/o/zzzzzzz'))->assertNotFound();
        self::assertSame(0, CartLine::query()->count());
    }

    public function test_the_page_of_an_offer_shows_all_pictures_and_the_shops_texts_in_the_look_of_the_offer(): void
    {
        foreach (['front.webp' => 'The jar', 'back.webp' => 'Its back'] as $file => $alt) {
            $this->shop->pictures()->create(['product_id' => $this->honey->id, 'file' => $file, 'alt' => $alt, 'width' => 400, 'height' => 400, 'created_at' => now()]);
        }
        $this->shop->update(['checkout_rules' => new CheckoutRules(terms: '<p>As it comes.</p>')]);
        $offer = $this->offer($this->honey, ['opening' => Opening::OwnPage, 'look_id' => $this->shop->looks()->where('name', 'Moss')->firstOrFail()->id]);

        $this->get($this->at("/o/{$this->placement($offer)->code}"))->assertOk()->assertSee('alt="Its back"', false)->assertSee('/terms')->assertSee('.offer-end .button{', false)->assertSee('background-color:#2f5d4e', false);
    }

    public function test_a_qr_code_writes_its_address_in_capitals(): void
    {
        $placement = $this->placement($this->offer($this->honey));

        $this->get($this->at('/K/'.strtoupper($placement->code)), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303);
    }

    /** @param  array<string, mixed>  $with */
    private function withWrap(string $sku, array $with = []): Offer
    {
        $offer = $this->offer($this->honey, $with + ['destination' => Onwards::Cart]);
        $offer->lines()->create(['shop_id' => $this->shop->id, 'position' => 1, 'product_id' => $this->wrap->id, 'variant_id' => $this->wrap->variants()->where('sku', $sku)->firstOrFail()->id, 'quantity' => 1]);

        return $offer;
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function click(Placement $placement): TestResponse
    {
        return $this->get($this->at("/k/{$placement->code}"), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']);
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function answer(string $page, array $form): TestResponse
    {
        return $this->post($this->at($page), $form, ['Origin' => $this->shop->base()]);
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }
}
