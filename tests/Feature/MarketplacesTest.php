<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Marketplace;
use App\Models\Offer;
use App\Models\Partner;
use App\Models\PartnerAddress;
use App\Models\Product;
use App\Models\Shop;
use App\Partners\MarketplaceForm;
use App\Partners\ReadyMarketplaces;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Partner\Markets;
use Tests\TestCase;

/** The partners of a shop in the console: their marketplaces, and the goods that are to be had there. */
final class MarketplacesTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
        $this->app->instance(ReadyMarketplaces::class, new ReadyMarketplaces(resource_path('marketplaces'), 8400));
    }

    public function test_a_fourth_marketplace_is_defined_and_takes_an_item_from_paste_to_counted_click(): void
    {
        $form = ['name' => 'Tide & Tallow', 'partner' => 'Tide', 'scheme' => 'https', 'hosts' => ['tide.example', 'shop.tide.example'], 'port' => '8443', 'patterns' => ['/{lang}/w/{nr};v={v}'], 'item_address' => '/w/{nr};v={v}{?part}', 'search_address' => '/seek;{words}', 'keeps' => ['cut'], 'id_parameter' => 'by', 'sub_id_parameter' => 'at', 'country' => 'NO', 'currency' => 'NOK', 'counts' => 'category', 'counts_for_hours' => '48', 'partner_id' => 'moss~1', 'rates' => [['category' => 'Lamps', 'rate' => '4.5', 'from' => '2026-01-01', 'until' => '']]];
        $this->postJson($this->api('/marketplaces/trial'), ['address' => 'x'] + $form)->assertOk()->assertJsonPath('errors.patterns', '“/{lang}/w/{nr};v={v}” has no {part}, which the address of an item needs; write it in, or take the pattern out.')->assertJsonPath('reading', null);
        $form['item_address'] = '/w/{nr};v={v}';
        $this->postJson($this->api('/marketplaces/trial'), ['address' => 'https://TIDE.example:8443/en/w/77;v=2?cut=b&by=thief&x=1#top'] + $form)->assertOk()
            ->assertJsonPath('reading.target', 'item 77/2')->assertJsonPath('reading.address', 'https://tide.example:8443/w/77;v=2?cut=b&by=moss~1&at=abc1234')
            ->assertJsonPath('reading.parts.3', ['part' => 'by', 'value' => 'thief', 'meaning' => 'another’s partner ID; taken out', 'stays' => false])
            ->assertJsonPath('reading.findings.0', ['severity' => 'caution', 'sentence' => 'The address carried the partner ID “thief”; it was replaced by yours, “moss~1”.']);
        $this->postJson($this->api('/marketplaces'), $form)->assertCreated()->assertJsonPath('marketplaces.0.entry', $form)->assertJsonPath('marketplaces.0.counts', 'Goods of the same category within 2 days after the click');

        $product = $this->goods([['by' => 'address', 'marketplace_id' => null, 'text' => 'https://shop.tide.example:8443/en/w/77;v=2?cut=b&by=thief', 'price' => '', 'is_fallback' => true]]);
        $offer = $this->postJson($this->api('/offers'), ['items' => [['product_id' => $product->id, 'variant' => '', 'quantity' => '1', 'amount' => '']], 'page' => ''] + $this->offerForm())->assertCreated();
        $offer->assertJsonPath('decided', 'When someone clicks See it at Tide in Kite silk, they are shown Sea lantern, go to see it at Tide, in the same tab.');
        $id = $offer->json('id');
        $place = $this->postJson($this->api('/offers/'.(is_int($id) ? $id : 0).'/placements'), ['page' => 'the post', 'medium' => 'html', 'label' => '', 'caption' => ''])->assertSuccessful();
        $this->postJson($this->api('/offers/'.(is_int($id) ? $id : 0).'/state'), ['state' => 'live'])->assertOk();
        $code = $place->json('placements.0.code');
        $snippet = $place->json('placements.0.snippet');
        self::assertIsString($code);
        self::assertIsString($snippet);
        self::assertStringContainsString('rel="sponsored nofollow noopener"', $snippet);
        self::assertStringContainsString('Advertising: if you buy at Tide, this shop earns a commission.', $snippet);
        self::assertStringNotContainsString('tide.example', $snippet);

        $this->get($this->shop->base()."/k/{$code}", ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(302)->assertHeader('Location', "https://tide.example:8443/w/77;v=2?cut=b&by=moss~1&at={$code}");
        self::assertSame([1, 1], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Lead)]);
    }

    public function test_marketplaces_that_ship_are_added_with_one_act(): void
    {
        $this->getJson($this->api('/partners'))->assertOk()->assertJsonPath('marketplaces', [])->assertJsonCount(3, 'ready')->assertJsonPath('ready.0.name', 'Nordkai');
        $this->postJson($this->api('/partners/ready/nordkai'), ['partner_id' => 'moss&x'])->assertUnprocessable()->assertJsonValidationErrorFor('partner_id');
        $this->postJson($this->api('/partners/ready/nordkai'), ['partner_id' => 'moss-7'])->assertCreated()->assertJsonCount(2, 'marketplaces')->assertJsonCount(2, 'ready')->assertJsonPath('marketplaces.0.entry.port', '8400')->assertJsonPath('marketplaces.0.entry.partner_id', 'moss-7');
        $this->postJson($this->api('/partners/ready/nordkai'), ['partner_id' => 'moss-7'])->assertCreated()->assertJsonCount(2, 'marketplaces');
        $this->postJson($this->api('/partners/ready/nobody'), ['partner_id' => ''])->assertNotFound();
        self::assertSame(1, Partner::query()->where('shop_id', $this->shop->id)->count());

        // Without stand-ins there is nobody to lead to.
        self::assertSame([], (new ReadyMarketplaces(resource_path('marketplaces'), null))->all());
    }

    public function test_every_data_file_that_ships_is_right(): void
    {
        $ready = (new ReadyMarketplaces(resource_path('marketplaces'), 8400))->all();

        self::assertSame(['nordkai', 'plaza-almendro', 'wicker-lane'], array_keys($ready));
        foreach ($ready as $partner) {
            foreach ($partner->entries('moss-7') as $entry) {
                self::assertSame([], $entry->errors);
            }
        }
    }

    public function test_a_name_or_a_host_that_is_taken_is_said(): void
    {
        $this->marketplace($this->shop);
        $this->postJson($this->api('/marketplaces'), Markets::form(['name' => 'Quay Sweden']))->assertUnprocessable()->assertJsonPath('errors.name.0', 'There is a marketplace called “Quay Sweden” already; choose another name.');
        $this->postJson($this->api('/marketplaces'), Markets::form(['hosts' => ['lane.example', 'www.quay.example']]))->assertUnprocessable()->assertJsonPath('errors.hosts.0', '“quay.example” is a host of Quay Sweden already; an address there can’t be of two marketplaces.');
        self::assertSame(1, Marketplace::query()->where('shop_id', $this->shop->id)->count());
    }

    public function test_a_shop_has_a_hundred_at_most(): void
    {
        $quay = $this->marketplace($this->shop);
        $row = array_diff_key((array) DB::table('marketplaces')->where('id', $quay->id)->first(), ['id' => true]);
        DB::table('marketplaces')->insert(array_map(static fn (int $i): array => ['name' => "Quay {$i}"] + $row, range(2, 100)));

        $this->postJson($this->api('/marketplaces'), Markets::form([]))->assertUnprocessable()->assertJsonPath('errors.name.0', 'A shop has 100 marketplaces at most; change one that is there.');
    }

    public function test_a_change_that_was_begun_before_another_is_not_written_over_it(): void
    {
        $quay = $this->marketplace($this->shop)->load(Marketplace::READ_WITH);
        $form = self::sent(MarketplaceForm::of($quay));
        $this->putJson($this->api("/marketplaces/{$quay->id}"), ['partner_id' => 'moss-8', 'version' => 1] + $form)->assertOk()->assertJsonPath('marketplaces.0.version', 2);
        $this->putJson($this->api("/marketplaces/{$quay->id}"), ['partner_id' => 'moss-9', 'version' => 1] + $form)->assertStatus(409);
        self::assertSame('moss-8', $quay->refresh()->own_id);
    }

    public function test_what_products_need_of_a_marketplace_can_not_be_taken_away(): void
    {
        $quay = $this->marketplace($this->shop)->load(Marketplace::READ_WITH);
        $this->partnerProduct($this->shop, [], $quay);
        $form = self::sent(MarketplaceForm::of($quay));
        $this->putJson($this->api("/marketplaces/{$quay->id}"), ['item_address' => '/goods{?number}'] + $form)->assertUnprocessable()->assertJsonPath('errors.item_address.0', 'One product is named by {nr}; keep these names, or give the products other addresses first.');
        $this->putJson($this->api("/marketplaces/{$quay->id}"), ['item_address' => '/item/{nr}', 'search_address' => ''] + $form)->assertOk()->assertJsonPath('marketplaces.0.entry.patterns', ['/goods{?nr}']);
        // An address that was pasted before still names the same goods.
        $this->goods([['by' => 'address', 'marketplace_id' => null, 'text' => 'https://quay.example/goods?nr=7', 'price' => '', 'is_fallback' => false]]);
        self::assertSame(2, PartnerAddress::query()->where(['marketplace_id' => $quay->id, 'kind' => 'item'])->count());

        self::assertStringStartsWith('https://quay.example/item/90210?kaj=', Product::query()->where('shop_id', $this->shop->id)->with(['addresses.marketplace.partner', 'addresses.marketplace.hosts'])->firstOrFail()->addresses->firstOrFail()->outgoing(null, ''));
    }

    public function test_what_pages_learn_of_where_shoppers_come_from_is_the_sellers_to_say(): void
    {
        $this->putJson($this->api('/partners/referrer'), ['policy' => 'unsafe-url'])->assertUnprocessable();
        $this->putJson($this->api('/partners/referrer'), ['policy' => 'no-referrer'])->assertOk()->assertJsonPath('referrer_policy', 'no-referrer');
        $placement = $this->placement($this->offer($this->partnerProduct($this->shop, [], $this->marketplace($this->shop))));
        $this->get($this->shop->base()."/k/{$placement->code}", ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(302)->assertHeader('Referrer-Policy', 'no-referrer');
    }

    public function test_an_archived_marketplace_goes_on_for_its_products(): void
    {
        $quay = $this->marketplace($this->shop);
        $this->postJson($this->api("/marketplaces/{$quay->id}/away"), ['is_away' => true])->assertOk()->assertJsonPath('marketplaces.0.is_away', true);
        $this->postJson($this->api("/marketplaces/{$quay->id}/away"), ['is_away' => false])->assertOk()->assertJsonPath('marketplaces.0.is_away', false);
    }

    public function test_goods_are_named_by_address_reference_or_search_and_come_back_as_they_stood(): void
    {
        $quay = $this->marketplace($this->shop);
        $lane = $this->marketplace($this->shop, Markets::form(['name' => 'Lane', 'patterns' => ['/{item}-{slug}'], 'search_address' => '/search{?q}', 'country' => 'IE']));
        $product = $this->goods([
            ['by' => 'reference', 'marketplace_id' => $quay->id, 'text' => '90210', 'price' => '499', 'is_fallback' => true],
            ['by' => 'search', 'marketplace_id' => $lane->id, 'text' => ' sea lantern ', 'price' => '', 'is_fallback' => false],
        ]);
        $saved = $this->getJson($this->api("/products/{$product->id}"))->assertOk()
            ->assertJsonPath('entry.kind', 'partner')->assertJsonPath('entry.price', '')
            ->assertJsonPath('entry.addresses.0', ['by' => 'address', 'marketplace_id' => $quay->id, 'text' => 'https://quay.example/goods?nr=90210', 'price' => '499.00', 'is_fallback' => true, 'category' => ''])
            ->assertJsonPath('entry.addresses.1', ['by' => 'search', 'marketplace_id' => $lane->id, 'text' => 'sea lantern', 'price' => '', 'is_fallback' => false, 'category' => '']);
        $entry = $saved->json('entry');
        self::assertIsArray($entry);
        $this->putJson($this->api("/products/{$product->id}"), $entry)->assertOk()->assertJsonPath('entry', $entry);
    }

    /** @param  array<string, mixed>  $address */
    #[DataProvider('wrongAddresses')]
    public function test_what_is_wrong_with_an_address_is_said_at_it(array $address, string $path, string $said): void
    {
        $this->marketplace($this->shop);
        $answer = $this->postJson($this->api('/products'), $this->productForm([$address + ['by' => 'address', 'marketplace_id' => null, 'price' => '', 'is_fallback' => false]]))->assertUnprocessable();
        $errors = $answer->json('errors');
        self::assertIsArray($errors);

        self::assertSame([$path], array_keys($errors));
        self::assertStringContainsString($said, json_encode($errors, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrongAddresses(): iterable
    {
        yield 'none' => [['text' => ' '], 'addresses', 'paste the address'];
        yield 'of nobody' => [['text' => 'https://elsewhere.example/long-name/1'], 'addresses.0.text', 'No marketplace of yours'];
        yield 'shortened' => [['text' => 'https://s.example/aB3x9'], 'addresses.0.text', 'shortened'];
        yield 'a reference without a marketplace' => [['by' => 'reference', 'text' => '1'], 'addresses.0.marketplace_id', 'Choose the marketplace'];
        yield 'a reference at another shop’s' => [['by' => 'reference', 'text' => '1', 'marketplace_id' => 0], 'addresses.0.marketplace_id', 'Choose the marketplace'];
        yield 'a price that is none' => [['text' => 'https://quay.example/goods?nr=1', 'price' => '9.8 0'], 'addresses.0.price', '9.8 0'];
        yield 'words with a line break' => [['text' => "https://quay.example/goods?nr=1\n2"], 'addresses.0.text', 'no address'];
    }

    public function test_two_addresses_at_one_marketplace_or_for_everybody_else_are_refused(): void
    {
        $quay = $this->marketplace($this->shop);
        $this->marketplace($this->shop, Markets::form(['name' => 'Lane']));
        $address = static fn (string $text, bool $isFallback): array => ['by' => 'address', 'marketplace_id' => null, 'text' => $text, 'price' => '', 'is_fallback' => $isFallback];
        $this->postJson($this->api('/products'), $this->productForm([$address('https://quay.example/goods?nr=1', false), $address('https://quay.example/goods?nr=2', false)]))->assertUnprocessable()->assertJsonValidationErrors(['addresses.1.text' => 'already']);
        $this->postJson($this->api('/products'), $this->productForm([$address('https://quay.example/goods?nr=1', true), $address('https://lane.example/i/2', true)]))->assertUnprocessable()->assertJsonValidationErrors(['addresses.1.is_fallback' => 'choose one']);
        self::assertSame(0, $quay->addresses()->count());
    }

    public function test_an_own_product_becomes_a_partners_and_back_and_nothing_is_lost(): void
    {
        $this->marketplace($this->shop);
        $own = $this->product($this->shop, ['kind' => ProductKind::Service, 'stock' => 5, 'cost_minor' => 300, 'begins_at' => '2030-05-01 10:00:00', 'place' => 'Weir Cottage']);
        $offer = $this->offer($own)->load(Offer::TOLD_WITH);
        $before = $this->getJson($this->api("/products/{$own->id}"))->assertOk()->json('entry');
        self::assertIsArray($before);
        $addresses = [['by' => 'address', 'marketplace_id' => null, 'text' => 'https://quay.example/goods?nr=1', 'price' => '', 'is_fallback' => true]];

        $this->putJson($this->api("/products/{$own->id}"), ['kind' => 'partner', 'addresses' => $addresses] + $before)->assertOk()->assertJsonPath('own_kind', 'service')->assertJsonPath('entry.kind', 'partner');
        $this->getJson($this->api("/offers/{$offer->id}"))->assertOk()->assertJsonPath('entry.destination', 'pay');
        $kept = $this->getJson($this->api("/products/{$own->id}"))->json('entry');
        self::assertIsArray($kept);
        $this->putJson($this->api("/products/{$own->id}"), ['kind' => 'service'] + $kept)->assertOk()->assertJsonPath('own_kind', null);

        $after = $this->getJson($this->api("/products/{$own->id}"))->json('entry');
        self::assertIsArray($after);
        self::assertSame(array_diff_key($before, ['addresses' => true]), array_diff_key($after, ['addresses' => true]));
        self::assertIsArray($after['addresses']);
        self::assertCount(1, $after['addresses']);
    }

    public function test_without_a_partner_id_an_offer_can_be_saved_but_not_go_live(): void
    {
        $quay = $this->marketplace($this->shop, ['partner_id' => '']);
        $product = $this->partnerProduct($this->shop, [], $quay);
        $offer = $this->postJson($this->api('/offers'), ['items' => [['product_id' => $product->id, 'variant' => '', 'quantity' => '1', 'amount' => '']]] + $this->offerForm())->assertCreated();
        $id = $offer->json('id');
        $this->postJson($this->api('/offers/'.(is_int($id) ? $id : 0).'/state'), ['state' => 'live'])->assertUnprocessable();
        $this->postJson($this->api('/offers/proof'), ['items' => [['product_id' => $product->id, 'variant' => '', 'quantity' => '1', 'amount' => '']], 'country' => 'IE'] + $this->offerForm())->assertOk()->assertJsonPath('can_save', true)->assertJsonPath('can_go_live', false)->assertJsonPath('findings.0.room', 'partners')->assertJsonPath('bill', null);
    }

    public function test_a_partners_goods_with_others_can_not_be_saved(): void
    {
        $product = $this->partnerProduct($this->shop, [], $this->marketplace($this->shop));
        $item = static fn (Product $product): array => ['product_id' => $product->id, 'variant' => '', 'quantity' => '1', 'amount' => ''];
        $this->postJson($this->api('/offers'), ['items' => [$item($this->product($this->shop)), $item($product)]] + $this->offerForm())->assertUnprocessable()->assertJsonValidationErrors(['items.1.product' => 'can’t be paid here with others']);
        $this->postJson($this->api('/offers'), ['items' => [], 'destination' => 'page', 'page' => 'https://evil.example/'] + $this->offerForm())->assertUnprocessable()->assertJsonValidationErrors(['destination' => 'no address at a host that you have listed']);
        $this->postJson($this->api('/offers'), ['items' => [], 'destination' => 'page', 'page' => ' '] + $this->offerForm())->assertUnprocessable();
    }

    public function test_a_second_shop_sees_nothing_of_the_first(): void
    {
        $quay = $this->marketplace($this->shop);
        $product = $this->partnerProduct($this->shop, [], $quay);
        $other = $this->shop();
        $this->actingAs($this->person($other));
        $api = fn (string $path): string => $this->console("/api/shops/{$other->slug}{$path}");

        $this->getJson($api('/partners'))->assertOk()->assertJsonPath('marketplaces', []);
        $this->putJson($api("/marketplaces/{$quay->id}"), Markets::form([]))->assertNotFound();
        $this->postJson($api("/marketplaces/{$quay->id}/away"), ['is_away' => true])->assertNotFound();
        $this->getJson($api("/products/{$product->id}"))->assertNotFound();
        $this->postJson($api('/products'), $this->productForm([['by' => 'reference', 'marketplace_id' => $quay->id, 'text' => '1', 'price' => '', 'is_fallback' => false]]))->assertUnprocessable()->assertJsonValidationErrors(['addresses.0.marketplace_id']);
        $this->postJson($api('/products'), $this->productForm([['by' => 'address', 'marketplace_id' => null, 'text' => 'https://quay.example/goods?nr=1', 'price' => '', 'is_fallback' => false]]))->assertUnprocessable()->assertJsonMissing(['moss-7']);
        // The same host may be another marketplace's in another shop.
        $this->postJson($api('/marketplaces'), Markets::form(['hosts' => ['quay.example']]))->assertCreated();
    }

    public function test_the_command_says_the_same(): void
    {
        $this->marketplace($this->shop);
        self::assertSame(0, Artisan::call('link:partner', ['address' => 'https://quay.example/goods?nr=1&kaj=thief', '--shop' => $this->shop->slug]));
        $said = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($said);
        self::assertSame(['Quay Sweden', 'item 1', 'https://quay.example/goods?nr=1&kaj=moss-7', 'thief'], array_slice(array_values($said), 0, 4));
        self::assertSame(2, Artisan::call('link:partner', ['address' => 'https://evil.example/', '--shop' => $this->shop->slug]));
        self::assertSame(2, Artisan::call('link:partner', ['address' => 'x', '--shop' => 'nobody']));
    }

    /** @param  list<array<string, mixed>>  $addresses */
    private function goods(array $addresses): Product
    {
        $id = $this->postJson($this->api('/products'), $this->productForm($addresses))->assertCreated()->json('id');

        return Product::query()->findOrFail(is_int($id) ? $id : 0);
    }

    /**
     * @param  list<array<string, mixed>>  $addresses
     * @return array<string, mixed>
     */
    private function productForm(array $addresses): array
    {
        return ['name' => 'Sea lantern', 'sku' => 'sea-lantern', 'kind' => 'partner', 'addresses' => $addresses] + $this->blankProduct();
    }

    /** @return array<string, mixed> */
    private function blankProduct(): array
    {
        $blank = self::sent(\App\Catalogue\ProductForm::blank());
        unset($blank['picture']);

        return ['picture' => 'parcel'] + $blank;
    }

    /** @return array<string, mixed> */
    private function offerForm(): array
    {
        return ['destination' => 'pay', 'cart_use' => 'just_this', 'opening' => 'same_tab', 'ask' => ['is_asked' => false, 'label' => '', 'least' => '1', 'most' => '10'], 'words' => ['idle' => '', 'working' => '', 'added' => '', 'sold_out' => '', 'not_available' => ''], 'look_id' => null, 'landing' => '', 'page' => ''];
    }

    private function api(string $path): string
    {
        return $this->console("/api/shops/{$this->shop->slug}{$path}");
    }
}
