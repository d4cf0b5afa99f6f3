<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Looks\ReadLooks;
use App\Models\Marketplace;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use App\Results\Labels;
use App\Time\Clock;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Checkout\CheckoutRules;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Results\EventKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Request;
use Tests\TestCase;

/** A click on goods that a partner sells, or that leads to a page of the seller's own. */
final class PartnerClickTest extends TestCase
{
    private const NAVIGATES = ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document', 'Accept-Language' => 'en-IE'];

    private Shop $shop;

    private Marketplace $sweden;

    private Marketplace $germany;

    private Product $lamp;

    private Placement $placement;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->sweden = $this->marketplace($this->shop);
        $this->germany = $this->marketplace($this->shop, ['name' => 'Quay Germany', 'hosts' => ['quay-de.example'], 'country' => 'DE', 'currency' => 'EUR', 'partner_id' => 'moss-de']);
        $this->lamp = $this->partnerProduct($this->shop, [], $this->sweden, $this->germany);
        $this->placement = $this->placement($this->offer($this->lamp));
    }

    protected function tearDown(): void
    {
        Request::setTrustedProxies([], Request::HEADER_X_FORWARDED_FOR);
        parent::tearDown();
    }

    public function test_a_click_is_counted_and_leads_to_the_marketplace_of_the_country_with_its_own_ids(): void
    {
        $queries = [];
        DB::listen(static function (QueryExecuted $query) use (&$queries): void {
            $queries[] = $query->sql;
        });
        $answer = $this->click('/k/'.$this->placement->code, ['Accept-Language' => 'de-DE'])->assertStatus(302);

        self::assertSame("https://quay-de.example/goods?nr=90210&kaj=moss-de&note={$this->placement->code}", $answer->headers->get('Location'));
        self::assertSame(['private', 'strict-origin', []], [$answer->headers->get('Cache-Control'), $answer->headers->get('Referrer-Policy'), $answer->headers->getCookies()]);
        self::assertSame(['select'], array_map(static fn (string $sql): string => substr($sql, 0, 6), $queries));
        self::assertSame([1, 1], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Lead)]);
        self::assertSame([$this->lamp->id, $this->germany->id, $this->placement->id, 'DE'], array_values((array) DB::table('events')->where(['shop_id' => $this->shop->id, 'kind' => EventKind::Lead->value])->first(['product_id', 'marketplace_id', 'placement_id', 'country'])));
    }

    public function test_the_same_click_twice_counts_once_and_leads_on_twice(): void
    {
        $this->click('/k/'.$this->placement->code)->assertStatus(302);
        $this->click('/k/'.$this->placement->code)->assertStatus(302);

        self::assertSame([1, 1], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Lead)]);
    }

    /** @param  array<string, string>  $headers */
    #[DataProvider('silent')]
    public function test_what_is_no_navigation_counts_nothing_and_is_led_nowhere(string $method, array $headers, int $status): void
    {
        foreach (["/k/{$this->placement->code}", "/to/{$this->lamp->sku}", "/take/{$this->lamp->sku}"] as $path) {
            $answer = $this->call($method, $this->shop->base().$path, server: $this->transformHeadersToServerVars($headers));
            self::assertNotSame(302, $answer->getStatusCode(), $path);
            self::assertStringNotContainsString('quay', (string) $answer->headers->get('Location'), $path);
        }
        self::assertSame([0, 0], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Lead)]);
        self::assertSame($status, $this->call($method, $this->shop->base()."/k/{$this->placement->code}", server: $this->transformHeadersToServerVars($headers))->getStatusCode());
    }

    /** @return iterable<string, array{string, array<string, string>, int}> */
    public static function silent(): iterable
    {
        yield 'HEAD' => ['HEAD', self::NAVIGATES, 204];
        yield 'a picture' => ['GET', ['Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image'], 204];
        yield 'a script' => ['GET', ['Sec-Fetch-Mode' => 'cors', 'Sec-Fetch-Dest' => 'empty'], 204];
        yield 'a prefetch' => ['GET', self::NAVIGATES + ['Sec-Purpose' => 'prefetch'], 204];
        yield 'a preview robot' => ['GET', ['User-Agent' => 'LinkReader 1.0 (+https://reader.example)'], 200];
        yield 'a frame' => ['GET', ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'iframe'], 200];
    }

    public function test_whoever_is_elsewhere_is_sent_to_the_marketplace_for_everybody_else_or_to_a_page(): void
    {
        $this->click('/k/'.$this->placement->code, ['Accept-Language' => 'fr-FR'])->assertRedirectContains('https://quay.example/');
        $this->lamp->addresses()->update(['is_fallback' => null]);
        $other = $this->product($this->shop, ['name' => 'Candle']);

        $this->click('/k/'.$this->placement->code, ['Accept-Language' => 'fr-FR'])->assertOk()->assertHeader('X-Robots-Tag', 'noindex')->assertSee('Not to be reached from here')->assertSee($other->name)->assertDontSee('quay.example');
        $this->click('/to/'.$this->lamp->sku, ['Accept-Language' => 'fr-FR'])->assertOk()->assertSee('who has no page for your country');
        $this->click('/take/'.$this->lamp->sku, ['Accept-Language' => 'fr-FR'])->assertOk()->assertSee('who has no page for your country');
    }

    public function test_a_proxys_word_for_the_country_counts_where_it_is_listed(): void
    {
        config(['trustedproxy.country_header' => 'X-Visitor-Country']);
        $from = fn (): string => (string) $this->click('/k/'.$this->placement->code, ['Accept-Language' => 'sv-SE', 'X-Visitor-Country' => 'DE'])->headers->get('Location');
        self::assertStringStartsWith('https://quay.example/', $from());

        config(['trustedproxy.proxies' => ['127.0.0.1']]);
        self::assertStringStartsWith('https://quay-de.example/', $from());
    }

    public function test_without_a_partner_id_nobody_is_led_there(): void
    {
        Marketplace::query()->whereKey($this->sweden->id)->update(['own_id' => null]);

        $this->click('/k/'.$this->placement->code)->assertOk()->assertSee('Not to be reached from here');
        $this->click('/k/'.$this->placement->code, ['Accept-Language' => 'de'])->assertOk();
        $this->click('/k/'.$this->placement->code, ['Accept-Language' => 'de-DE'])->assertStatus(302);
    }

    public function test_each_place_has_a_sub_id_of_its_own(): void
    {
        $to = fn (string $path): string => (string) preg_replace('/.*note=/', '', (string) $this->click($path)->headers->get('Location'));
        app(Labels::class)->keepOwn($this->shop, 'may-letter');
        $label = DB::table('labels')->where(['shop_id' => $this->shop->id, 'text' => 'may-letter'])->value('id');
        self::assertIsInt($label);

        self::assertSame('list', $to("/to/{$this->lamp->sku}?in=list"));
        self::assertSame('glance', $to("/to/{$this->lamp->sku}?in=glance"));
        self::assertSame('product', $to("/to/{$this->lamp->sku}"));
        self::assertSame($this->placement->code, $to("/to/{$this->lamp->sku}?in=list&k={$this->placement->code}"));
        self::assertSame("from{$label}", $to("/take/{$this->lamp->sku}?from=may-letter"));
        self::assertSame('link', $to("/take/{$this->lamp->sku}"));
        $this->placeLabels(Labels::MOST_FOREIGN);
        self::assertSame('from0', $to("/take/{$this->lamp->sku}?from=one-too-many"));
    }

    public function test_paused_sold_by_nobody_or_a_draft_it_says_so(): void
    {
        foreach ([[OfferState::Paused, 200], [OfferState::Archived, 410], [OfferState::Draft, 404]] as [$state, $status]) {
            $this->placement->offer->update(['state' => $state]);
            $this->click('/k/'.$this->placement->code)->assertStatus($status);
        }
        $this->placement->offer->update(['state' => OfferState::Live]);
        $this->lamp->update(['is_draft' => true]);
        $this->click('/k/'.$this->placement->code)->assertOk()->assertSee('Not for sale just now');
        $this->click('/to/'.$this->lamp->sku)->assertNotFound();
    }

    public function test_it_can_neither_be_put_into_a_cart_nor_be_paid_here(): void
    {
        $this->post($this->shop->base().'/cart/add', ['sku' => $this->lamp->sku, 'to' => 'pay'], ['Origin' => $this->shop->base()])->assertRedirect("/p/{$this->lamp->sku}");
        $honey = $this->product($this->shop);
        $this->click("/take/{$this->lamp->sku},{$honey->sku}")->assertNotFound()->assertSee('names it alone');
        $this->click("/take/2*{$this->lamp->sku}")->assertNotFound()->assertSee('without a number');
        $mixed = $this->offer($this->lamp);
        $mixed->lines()->create(['shop_id' => $this->shop->id, 'position' => 1, 'product_id' => $honey->id, 'quantity' => 1]);
        $this->click('/k/'.$this->placement($mixed)->code)->assertOk()->assertSee('Not for sale just now');

        self::assertSame(0, DB::table('carts')->where('shop_id', $this->shop->id)->count());
    }

    public function test_goods_that_become_a_partners_lie_in_a_cart_and_are_not_paid(): void
    {
        $honey = $this->product($this->shop);
        $answer = $this->click('/k/'.$this->placement($this->offer($honey))->code)->assertStatus(303);
        $cookie = $answer->headers->getCookies()[0];
        $honey->update(['kind' => ProductKind::Partner, 'own_kind' => ProductKind::Physical]);

        $page = $this->withUnencryptedCookie($cookie->getName(), (string) $cookie->getValue())->click((string) $answer->headers->get('Location'))->assertOk();
        $page->assertSee('This is not sold any longer');
        $honey->update(['kind' => ProductKind::Physical]);
        $this->click((string) $answer->headers->get('Location'))->assertOk()->assertDontSee('This is not sold any longer');
    }

    public function test_in_a_frame_one_button_leads_on_and_says_who_earns(): void
    {
        $this->click('/k/'.$this->placement->code, ['Sec-Fetch-Dest' => 'iframe'])->assertOk()->assertSee('See it at Quay')->assertSee('rel="sponsored nofollow noopener"', false)->assertSee('this shop earns a commission')->assertDontSee('quay.example');
    }

    public function test_what_is_sent_to_the_page_of_its_own_puts_nothing_into_a_cart(): void
    {
        $this->placement->offer->update(['opening' => Opening::OwnPage]);
        $answer = $this->post($this->shop->base()."/o/{$this->placement->code}", [], ['Origin' => $this->shop->base()]);

        self::assertContains($answer->getStatusCode(), [303, 422]);
        self::assertSame(0, DB::table('carts')->where('shop_id', $this->shop->id)->count());
    }

    public function test_a_page_of_its_own_leads_out_by_its_button(): void
    {
        $this->placement->offer->update(['opening' => Opening::OwnPage]);
        $this->click('/k/'.$this->placement->code)->assertRedirect("/o/{$this->placement->code}");

        $this->click('/o/'.$this->placement->code)->assertOk()->assertSee("/to/{$this->lamp->sku}?in=product&amp;k={$this->placement->code}", false)->assertSee('sponsored nofollow noopener')->assertSee('See it at Quay')->assertSee('this shop earns a commission');
        self::assertSame([1, 0], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Lead)]);
    }

    public function test_the_shops_pages_show_it_with_its_disclosure_and_no_price_of_their_own(): void
    {
        $this->lamp->addresses()->where('marketplace_id', $this->germany->id)->update(['price_minor' => 4900, 'priced_on' => '2026-11-20']);

        foreach (['/', "/p/{$this->lamp->sku}", "/p/{$this->lamp->sku}?glance=1"] as $page) {
            $this->click($page)->assertOk()->assertSee('See it at Quay')->assertSee('Advertising: if you buy at Quay')->assertSee("/to/{$this->lamp->sku}?in=", false)->assertDontSee('9.80')->assertDontSee('quay.example');
        }
        $this->click("/p/{$this->lamp->sku}", ['Accept-Language' => 'de-DE'])->assertSee('€49.00, seen there on 20 Nov 2026');
    }

    public function test_a_page_of_the_sellers_own_is_led_to_while_its_host_is_listed(): void
    {
        $offer = $this->offer($this->product($this->shop), ['destination' => Onwards::Page, 'page' => 'https://fern.example/story?a=1']);
        $offer->lines()->delete();
        $code = $this->placement($offer)->code;
        $this->click("/k/{$code}")->assertOk()->assertSee('not there any more');

        $this->shop->update(['checkout_rules' => new CheckoutRules(hosts: ['fern.example'])]);
        $this->click("/k/{$code}")->assertStatus(302)->assertHeader('Location', 'https://fern.example/story?a=1');
        $this->click("/o/{$code}")->assertNotFound();
        self::assertSame([1, 0], [$this->acts($this->shop, EventKind::Click), $this->acts($this->shop, EventKind::Lead)]);
    }

    public function test_beside_own_goods_in_a_price_table_it_tells_its_price_with_the_day_and_the_disclosure(): void
    {
        $this->lamp->addresses()->where('is_fallback', true)->update(['price_minor' => 49900, 'priced_on' => '2026-11-20']);
        $own = $this->offer($this->product($this->shop));
        $table = $this->actingAs($this->person($this->shop))->postJson($this->console("/api/shops/{$this->shop->slug}/price-tables"), self::tableEntry('Light', [$own->id, $this->placement->offer_id]))->assertCreated();
        $snippet = $table->json('snippet');
        self::assertIsString($snippet);

        self::assertStringContainsString('€9.80', $snippet);
        self::assertStringContainsString('SEK 499.00, seen there on 20 Nov 2026', str_replace("\u{A0}", ' ', $snippet));
        self::assertSame(1, substr_count($snippet, 'this shop earns a commission'));
        self::assertSame(1, substr_count($snippet, 'sponsored nofollow noopener'));
        self::assertStringNotContainsString('quay.example', $snippet);
    }

    public function test_a_link_by_hand_is_built_for_it_alone(): void
    {
        $honey = $this->product($this->shop);
        $this->actingAs($this->person($this->shop));
        $build = fn (string ...$skus): TestResponse => $this->postJson($this->console("/api/shops/{$this->shop->slug}/open-links/build"), ['items' => array_map(static fn (string $sku): array => ['sku' => $sku, 'quantity' => '1', 'amount' => ''], $skus), 'to' => '', 'coupon' => '', 'back' => '', 'from' => 'may'])->assertOk();

        $build($this->lamp->sku)->assertJsonPath('url', "{$this->shop->base()}/take/{$this->lamp->sku}?from=may");
        self::assertStringContainsString('names it alone', (string) $build($this->lamp->sku, $honey->sku)->getContent());
    }

    public function test_each_medium_says_who_earns_where_it_shows_words(): void
    {
        foreach (['html' => true, 'email' => true, 'markdown' => true, 'link' => false, 'qr' => false, 'json_ld' => false] as $medium => $says) {
            $this->placement->update(['medium' => $medium]);
            $offer = $this->placement->offer->refresh()->load(Offer::TOLD_WITH);
            $snippet = OfferSnippets::of($offer, $this->shop->refresh(), app(ReadLooks::class)($this->shop), app(Clock::class)->moment())->snippet($this->placement->refresh());

            self::assertSame($says, str_contains($snippet, 'earns a commission'), $medium);
            self::assertStringNotContainsString('quay.example', $snippet, $medium);
            self::assertStringNotContainsString('9.80', $snippet, $medium);
        }
    }

    public function test_at_another_shops_host_there_is_no_such_thing(): void
    {
        $other = $this->shop();
        foreach (["/k/{$this->placement->code}", "/to/{$this->lamp->sku}", "/take/{$this->lamp->sku}"] as $path) {
            $this->get($other->base().$path, self::NAVIGATES)->assertNotFound();
        }
    }

    #[DataProvider('redirects')]
    public function test_nothing_in_a_request_says_where_it_leads(string $request): void
    {
        $path = strtr($request, ['{code}' => $this->placement->code, '{sku}' => $this->lamp->sku]);
        $answer = $this->click($path, ['Referer' => 'https://evil.example/', 'Origin' => 'https://evil.example', 'X-Forwarded-Host' => 'evil.example', 'X-Original-URL' => 'https://evil.example/', 'Forwarded' => 'host=evil.example']);
        $location = (string) $answer->headers->get('Location');

        self::assertContains($answer->getStatusCode(), [200, 204, 301, 302, 303, 400, 404, 405, 414], $path);
        self::assertDoesNotMatchRegularExpression('/evil|javascript|data:|[\r\n]/i', $location, $path);
        self::assertMatchesRegularExpression('~\A(|/(?![/\\\\])\S*|https://quay(-de)?\.example/\S*|'.preg_quote($this->shop->base(), '~').'(/\S*)?)\z~', $location, $path);
    }

    /** @return iterable<string, array{string}> */
    public static function redirects(): iterable
    {
        $targets = ['https://evil.example', '//evil.example', '/\\evil.example', '\\\\evil.example', 'https:evil.example', 'javascript:alert(1)', 'data:text/html,evil', '%0d%0aLocation:%20https://evil.example', 'https://quay.example@evil.example', 'https%3A%2F%2Fevil.example', '%2F%2Fevil.example', '.evil.example'];
        foreach ($targets as $target) {
            foreach (['/k/{code}?to=', '/k/{code}?url=', '/to/{sku}?in=', '/to/{sku}?k=', '/take/{sku}?back=', '/take/{sku}?from=', '/to/', '/k/{code}/', '/take/{sku}&nr='] as $before) {
                // In a path, a client writes a backslash as its code.
                $written = str_contains($before, '?') ? $target : str_replace('\\', '%5C', $target);
                yield "{$before}{$written}" => [$before.$written];
            }
        }
    }

    private function placeLabels(int $count): void
    {
        foreach (array_chunk(range(1, $count), 250) as $some) {
            DB::table('labels')->insertOrIgnore(array_map(fn (int $i): array => ['shop_id' => $this->shop->id, 'text' => "stranger-{$i}", 'is_own' => false], $some));
        }
    }

    /**
     * @param  array<string, string>  $headers
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function click(string $path, array $headers = []): TestResponse
    {
        return $this->get($this->shop->base().$path, $headers + self::NAVIGATES);
    }
}
