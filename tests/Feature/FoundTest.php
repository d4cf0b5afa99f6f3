<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cart;
use App\Models\Shop;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** How the shop's pages are found, and what stands beside a link to them. */
final class FoundTest extends TestCase
{
    private const ROBOT = ['User-Agent' => 'ChatLinkPreview 3'];

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
    }

    public function test_a_products_page_is_known_by_one_address_and_tells_what_it_sells(): void
    {
        $product = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Wax </script> “wrap”', 'summary' => '<p>Folds &amp; keeps.</p>', 'price_minor' => 700, 'picture' => Drawing::FoodWrap]);
        foreach (['/p/wrap', '/p/wrap?quantity=3&k=abc'] as $page) {
            $answer = $this->at($page)->assertOk()->assertHeaderMissing('X-Robots-Tag')
                ->assertSee("<link rel=\"canonical\" href=\"{$this->shop->base()}/p/wrap\">", false)
                ->assertSee('<meta name="description" content="Folds &amp; keeps.">', false)
                ->assertSee('<meta property="og:title" content="Wax &lt;/script&gt; “wrap”">', false)
                ->assertSee("<meta property=\"og:image\" content=\"{$this->shop->base()}/drawings/food-wrap.png\">", false)
                ->assertSee('<meta property="product:price:amount" content="7.00">', false);
            $data = self::dataOf($answer);
            self::assertSame(['Product', 'Wax </script> “wrap”', 'wrap'], [$data['@type'], $data['name'], $data['sku']]);
            self::assertSame('7.00', data_get($data, 'offers.price'));
        }
        self::assertFileExists(public_path('drawings/food-wrap.png'));

        $product->update(['has_variants' => true, 'price_minor' => 500, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large', adds: $this->shop->money(400))])]]);
        foreach (['Small' => 'wrap-s', 'Large' => 'wrap-l'] as $size => $sku) {
            $product->variants()->create(['shop_id' => $this->shop->id, 'sku' => $sku, 'choices' => [$size], 'choices_digest' => hash('sha256', $size), 'position' => strlen($size), 'stock' => 0]);
        }
        $data = self::dataOf($this->at('/p/wrap-s')->assertSee("<link rel=\"canonical\" href=\"{$this->shop->base()}/p/wrap\">", false));
        self::assertSame(['5.00', '9.00', 2, 'https://schema.org/OutOfStock'], [data_get($data, 'offers.lowPrice'), data_get($data, 'offers.highPrice'), data_get($data, 'offers.offerCount'), data_get($data, 'offers.availability')]);
    }

    public function test_a_list_is_known_by_category_and_page_and_what_is_somebodys_own_is_not_found(): void
    {
        $product = $this->product($this->shop, ['picture' => null]);
        $category = $this->shop->categories()->create(['name' => 'Jars & pots']);
        $product->categories()->attach($category->id, ['shop_id' => $this->shop->id]);
        $base = $this->shop->base();

        $this->at('/?after=added')->assertSee("<link rel=\"canonical\" href=\"{$base}/\">", false)->assertSee('content="Everything that Tarn Side Goods sells."', false)->assertDontSee('og:image', false);
        $this->at("/?category={$category->id}&page=2")->assertSee("<link rel=\"canonical\" href=\"{$base}/?category={$category->id}&amp;page=2\">", false)->assertSee('content="Jars &amp; pots, from Tarn Side Goods."', false);
        foreach (['/cart', '/account'] as $page) {
            $this->at($page)->assertOk()->assertSee('<meta name="robots" content="noindex">', false)->assertDontSee('canonical', false);
        }
    }

    public function test_robots_and_the_map_of_the_site_name_what_may_be_found(): void
    {
        $this->product($this->shop, ['sku' => 'honig & mehr', 'name' => 'Honig']);
        $this->product($this->shop, ['sku' => 'draft', 'is_draft' => true]);
        $this->product($this->shop, ['sku' => 'gone'])->delete();
        $this->product($this->shop(), ['sku' => 'elsewhere']);
        $this->shop->update(['checkout_rules' => new CheckoutRules(terms: '<p>Ours</p>')]);

        $robots = $this->at('/robots.txt')->assertOk()->assertHeader('Content-Type', 'text/plain; charset=UTF-8')->getContent();
        self::assertStringContainsString("Disallow: /cart\n", (string) $robots);
        self::assertStringContainsString("Sitemap: {$this->shop->base()}/sitemap.xml\n", (string) $robots);

        $map = simplexml_load_string((string) $this->at('/sitemap.xml')->assertOk()->getContent());
        self::assertNotFalse($map);
        self::assertSame(["{$this->shop->base()}/", "{$this->shop->base()}/terms", "{$this->shop->base()}/p/honig%20%26%20mehr"], array_map(strval(...), $map->xpath('//*[local-name()="loc"]') ?: []));
        $this->at('/sitemap-2.xml')->assertNotFound();
        self::assertStringContainsString('public', (string) $this->at('/sitemap.xml')->headers->get('Cache-Control'));
    }

    public function test_the_feed_of_goods_is_read_page_by_page(): void
    {
        foreach (range(1, 201) as $number) {
            $this->product($this->shop, ['sku' => "honey-{$number}"]);
        }
        $first = $this->at('/goods.json')->assertOk()->assertHeader('Content-Type', 'application/ld+json; charset=UTF-8')->assertHeader('Link', "<{$this->shop->base()}/goods.json?page=2>; rel=\"next\"")->assertJsonCount(200, 'dataFeedElement');
        self::assertSame('honey-1', $first->json('dataFeedElement.0.item.sku'));
        $this->at('/goods.json?page=2')->assertHeaderMissing('Link')->assertJsonCount(1, 'dataFeedElement');
    }

    /** @param  array<string, mixed>  $offer */
    #[DataProvider('states')]
    public function test_a_program_that_shows_a_link_is_told_what_it_sells_and_counts_nothing(array $offer, int $status): void
    {
        $product = $this->product($this->shop, ['name' => 'Heather honey', 'summary' => '<p>Dark.</p>', 'price_minor' => 980, 'stock' => 0, 'picture' => Drawing::HoneyJar]);
        $placement = $this->placement($this->offer($product, $offer));

        $answer = $this->at("/k/{$placement->code}", self::ROBOT)->assertStatus($status)->assertHeader('X-Robots-Tag', 'noindex')->assertHeaderMissing('Location')->assertHeaderMissing('Set-Cookie');
        if ($status === 200) {
            $answer->assertSee('<meta property="og:title" content="Heather honey">', false)->assertSee('<meta property="og:description" content="Dark.">', false)->assertSee('honey-jar.png', false)->assertSee('content="9.80"', false)
                ->assertSee("<meta property=\"og:url\" content=\"{$placement->link($this->shop)->url()}\">", false)->assertDontSee('canonical', false);
        } else {
            $answer->assertDontSee('Heather honey');
        }
        self::assertSame([0, 0], [Cart::query()->where('shop_id', $this->shop->id)->count(), $this->counted()]);
    }

    /** @return iterable<string, array{array<string, mixed>, int}> */
    public static function states(): iterable
    {
        yield 'live' => [['state' => OfferState::Live], 200];
        yield 'paused' => [['state' => OfferState::Paused], 200];
        yield 'a draft' => [['state' => OfferState::Draft], 404];
        yield 'archived' => [['state' => OfferState::Archived], 410];
    }

    public function test_links_without_goods_of_partners_and_by_hand_are_shown_too(): void
    {
        $honey = $this->product($this->shop, ['name' => 'Heather honey', 'sku' => 'honey', 'price_minor' => 980]);
        $candle = $this->product($this->shop, ['name' => 'Candle', 'sku' => 'candle', 'price_minor' => 500]);
        $lamp = $this->partnerProduct($this->shop, ['name' => 'Storm lantern', 'sku' => 'lamp']);

        $both = $this->offer($honey);
        $both->lines()->create(['shop_id' => $this->shop->id, 'position' => 1, 'product_id' => $candle->id, 'quantity' => 2]);
        $this->at("/k/{$this->placement($both)->code}", self::ROBOT)->assertSee('content="Heather honey + 2 × Candle"', false)->assertSee('content="19.80"', false);

        $partners = $this->at("/k/{$this->placement($this->offer($lamp))->code}", self::ROBOT)->assertOk()->assertSee('content="Storm lantern"', false);
        self::assertStringNotContainsString('quay', (string) $partners->getContent());
        $this->at('/take/lamp', self::ROBOT)->assertOk()->assertSee('content="Storm lantern"', false)->assertHeaderMissing('Location');
        $this->at('/take/honey,candle?to=pay', self::ROBOT)->assertOk()->assertSee('content="Heather honey + Candle"', false)->assertSee("content=\"{$this->shop->base()}/take/honey,candle?to=pay\"", false);
        $this->at('/take/unknown', self::ROBOT)->assertNotFound();

        $cart = $this->offer($honey, ['destination' => Onwards::Cart, 'caption' => 'See the cart']);
        $cart->lines()->delete();
        $this->at("/k/{$this->placement($cart)->code}", self::ROBOT)->assertOk()->assertSee('content="See the cart"', false);
        self::assertSame(0, $this->counted());
    }

    public function test_what_is_given_is_an_act_and_what_takes_place_an_event(): void
    {
        $this->product($this->shop, ['sku' => 'hedge', 'kind' => ProductKind::Donation, 'price_minor' => 1000, 'suggested' => [500], 'least_minor' => 200]);
        self::assertSame('DonateAction', self::dataOf($this->at('/p/hedge'))['@type']);
    }

    private function counted(): int
    {
        return array_sum(array_map(fn (EventKind $kind): int => $this->acts($this->shop, $kind), EventKind::cases()));
    }

    /**
     * @param  array<string, string>  $headers
     * @return TestResponse<Response>
     */
    private function at(string $path, array $headers = []): TestResponse
    {
        return $this->get($this->shop->base().$path, $headers);
    }

    /**
     * @param  TestResponse<Response>  $answer
     * @return array<string, mixed>
     */
    private static function dataOf(TestResponse $answer): array
    {
        self::assertSame(1, preg_match('~<script type="application/ld\+json">(.*?)</script>~s', (string) $answer->getContent(), $found));
        /** @var array<string, mixed> $data */
        $data = json_decode($found[1] ?? '', true, flags: JSON_THROW_ON_ERROR);
        self::assertSame('https://schema.org', $data['@context'] ?? '');

        return $data;
    }
}
