<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Catalogue\SaveVariants;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Product;
use App\Models\Shop;
use App\Text\Secrets;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Offer\OfferState;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** A product that the seller still works on: nowhere to be seen, and in no way to be bought. */
final class DraftProductTest extends TestCase
{
    private const ENTRY = ['name' => 'Heather honey, 340 g', 'sku' => 'heather', 'price' => '9.80', 'picture' => 'honey-jar'];

    private Shop $shop;

    private Product $draft;

    private string $visitor;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->visitor = Secrets::token();
        $this->draft = $this->product($this->shop, ['sku' => 'comb', 'name' => 'Cut comb', 'is_draft' => true]);
    }

    public function test_a_form_says_whether_it_is_one(): void
    {
        $this->actingAs($this->person($this->shop));
        $products = $this->console("/api/shops/{$this->shop->slug}/products");

        $id = $this->postJson($products, ['is_draft' => true] + self::ENTRY)->assertCreated()->assertJsonPath('entry.is_draft', true)->json('id');
        self::assertIsInt($id);
        $this->getJson("{$products}?search=heather")->assertJsonPath('items.0.is_draft', true);
        $this->get($this->at('/p/heather'))->assertNotFound();

        $this->putJson("{$products}/{$id}", ['is_draft' => false] + self::ENTRY)->assertOk()->assertJsonPath('entry.is_draft', false);
        $this->get($this->at('/p/heather'))->assertOk();
    }

    public function test_the_shopfront_shows_none(): void
    {
        $honey = $this->product($this->shop, ['sku' => 'honey', 'name' => 'Clover honey']);
        $category = $this->shop->categories()->create(['name' => 'From the frame']);
        $this->draft->categories()->attach($category, ['shop_id' => $this->shop->id]);
        $honey->addOns()->attach($this->draft, ['shop_id' => $this->shop->id, 'position' => 1]);

        $this->get($this->at('/'))->assertOk()->assertSee('Clover honey')->assertDontSee('Cut comb')->assertDontSee('From the frame');
        $this->get($this->at("/?category={$category->id}"))->assertDontSee('Cut comb');
        $this->get($this->at('/p/comb'))->assertNotFound();
        $this->get($this->at('/p/comb?glance=1'))->assertNotFound();
        $this->get($this->at('/p/honey'))->assertOk()->assertDontSee('Cut comb');
        $this->add('honey')->assertStatus(303);
        $this->shopper()->get($this->at('/cart'))->assertSee('Clover honey')->assertDontSee('Cut comb');
    }

    public function test_it_is_added_by_no_form_and_no_open_link(): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'is_draft' => true, 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small')])]]);
        $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 0, 'sku' => 'wrap-small', 'choices' => ['Small'], 'choices_digest' => SaveVariants::digest(['Small'])]);

        $this->add('comb')->assertNotFound();
        foreach (['comb', 'wrap', 'wrap-small'] as $sku) {
            $this->shopper()->get($this->at("/take/{$sku}"))->assertNotFound()->assertSee('sells nothing under this SKU');
        }
        self::assertSame(0, Cart::query()->count());
    }

    #[DataProvider('ways')]
    public function test_a_placement_of_it_says_so_counts_the_click_and_adds_nothing(string $destination): void
    {
        $placement = $this->placement($this->offer($this->draft, ['destination' => $destination]));

        foreach (["/k/{$placement->code}", "/o/{$placement->code}"] as $path) {
            $this->shopper()->get($this->at($path))->assertOk()->assertSee('Not for sale just now')->assertSee('taken this off sale')->assertHeader('X-Robots-Tag', 'noindex');
        }
        self::assertSame([1, 0], [$this->acts($this->shop, EventKind::Click), Cart::query()->count()]);

        $this->draft->update(['is_draft' => false]);
        $this->shopper()->get($this->at("/k/{$placement->code}"))->assertStatus(303);
    }

    /** @return iterable<array{string}> */
    public static function ways(): iterable
    {
        yield from [['pay'], ['cart'], ['stay'], ['choose']];
    }

    public function test_its_offer_is_saved_and_does_not_go_live(): void
    {
        $this->actingAs($this->person($this->shop));
        $offers = $this->console("/api/shops/{$this->shop->slug}/offers");
        $entry = [
            'items' => [['product_id' => $this->draft->id, 'variant' => '', 'quantity' => '1', 'amount' => '']], 'destination' => 'pay', 'cart_use' => 'just_this', 'opening' => 'same_tab',
            'ask' => ['is_asked' => false, 'label' => '', 'least' => '1', 'most' => '10'], 'words' => ['idle' => ''], 'look_id' => null, 'landing' => '',
        ];

        $this->postJson("{$offers}/proof", $entry)->assertOk()->assertJsonPath('can_save', true)->assertJsonPath('can_go_live', false)->assertJsonPath('findings.0.slot', 'product');
        $id = $this->postJson($offers, $entry)->assertCreated()->json('id');
        self::assertIsInt($id);
        $told = $this->postJson("{$offers}/{$id}/state", ['state' => 'live'])->assertUnprocessable()->json('errors.state.0');
        self::assertSame('“Cut comb” is a draft and can’t be bought yet; put it on sale at the product, or pick another.', $told);

        $this->draft->update(['is_draft' => false]);
        $this->postJson("{$offers}/{$id}/state", ['state' => 'live'])->assertOk()->assertJsonPath('state', OfferState::Live->value);
    }

    public function test_the_seller_who_writes_a_link_to_it_is_told(): void
    {
        $this->actingAs($this->person($this->shop));
        $build = $this->console("/api/shops/{$this->shop->slug}/open-links/build");
        $entry = ['items' => [['sku' => 'comb', 'quantity' => '1']], 'to' => '', 'coupon' => '', 'back' => '', 'from' => ''];

        $this->postJson($build, $entry)->assertOk()->assertJsonPath('url', '')->assertJsonPath('finding', '“Cut comb” is a draft and can’t be bought yet; put it on sale at the product, or take it out.');
        $this->draft->update(['is_draft' => false]);
        $this->postJson($build, $entry)->assertOk()->assertJsonPath('finding', '')->assertJsonPath('url', $this->shop->base().'/take/comb');
    }

    public function test_a_new_offer_begins_with_what_can_be_had_if_anything_can(): void
    {
        $this->actingAs($this->person($this->shop));
        $blank = $this->console("/api/shops/{$this->shop->slug}/offers/blank");
        $this->getJson($blank)->assertOk()->assertJsonPath('entry.items.0.product_id', $this->draft->id);

        $this->product($this->shop, ['name' => 'A comb', 'stock' => 0]);
        $honey = $this->product($this->shop, ['name' => 'Willow honey']);
        $entry = $this->getJson($blank)->assertOk()->assertJsonPath('entry.items', [['product_id' => $honey->id, 'variant' => '', 'quantity' => '1', 'amount' => '']])->assertJsonPath('entry.destination', 'pay')->json('entry');
        self::assertIsArray($entry);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers"), $entry)->assertCreated()->assertJsonPath('entry', $entry);

        $new = $this->shop();
        $this->actingAs($this->person($new))->getJson($this->console("/api/shops/{$new->slug}/offers/blank"))->assertOk()->assertJsonPath('entry', null);
    }

    public function test_a_copy_for_machines_says_that_it_is_not_to_be_had(): void
    {
        $this->actingAs($this->person($this->shop));
        $offer = $this->offer($this->draft);
        $this->placement($offer, as: ['medium' => 'json_ld']);

        $snippet = $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$offer->id}"))->assertOk()->json('placements.0.snippet');
        self::assertIsString($snippet);
        self::assertStringContainsString('schema.org/OutOfStock', $snippet);
    }

    public function test_what_became_one_in_a_cart_is_told_there_and_not_paid(): void
    {
        $honey = $this->product($this->shop, ['sku' => 'honey', 'stock' => 3]);
        $this->add('honey', ['to' => 'pay'])->assertStatus(303);
        $cart = Cart::query()->firstOrFail();
        $honey->update(['is_draft' => true]);

        $page = $this->shopper()->get($this->at($this->shop->checkoutPath($cart->ref)))->assertOk()->assertSee('This is not sold any longer; remove it to go on.')->getContent();
        preg_match('/name="digest" value="([0-9a-f]+)"/', (string) $page, $found);
        $line = CartLine::query()->firstOrFail();
        $this->shopper()->post($this->at($this->shop->checkoutPath($cart->ref)), [
            'email' => 'ada@letters.example', 'name' => 'Ada Nwosu-Reed', 'street' => '12 Chandler Court', 'postcode' => '', 'town' => 'Tarnmouth', 'country' => 'GB',
            'quantity' => [$line->id => '1'], 'digest' => $found[1] ?? '', 'pay' => '1',
        ])->assertStatus(409)->assertSee('This is not sold any longer');
        self::assertSame(0, DB::table('payments')->count());
    }

    /**
     * @param  array<string, string>  $with
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function add(string $sku, array $with = []): TestResponse
    {
        return $this->shopper()->post($this->at('/cart/add'), $with + ['sku' => $sku, 'quantity' => '1']);
    }

    private function shopper(): static
    {
        return $this->withUnencryptedCookies(['kite_visitor' => $this->visitor]);
    }

    private function at(string $path): string
    {
        return "http://{$this->shop->host}{$path}";
    }
}
