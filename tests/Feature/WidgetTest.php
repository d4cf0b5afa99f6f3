<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Medium\LookSheet;
use PaperKite\Offer\OfferState;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the widgets on other people's pages are told: public, the same for everybody, and nothing of another shop. */
final class WidgetTest extends TestCase
{
    private Shop $shop;

    private Product $honey;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->honey = $this->product($this->shop, ['stock' => 9]);
    }

    public function test_a_page_is_told_what_its_widget_shows(): void
    {
        $placement = $this->placed(['caption' => 'Taste it', 'opening' => Opening::NewTab]);

        $answer = $this->data($placement->code)->assertOk();

        self::assertSame(1, $answer->json('v'));
        self::assertSame([$placement->code, $placement->link($this->shop)->url(), 'idle', 'Taste it', true, 'noopener', ''], array_map(static fn (string $key): mixed => $answer->json("widgets.0.{$key}"), ['code', 'href', 'state', 'caption', 'opens_new_tab', 'rel', 'note']));
        $css = $answer->json('widgets.0.css');
        self::assertIsString($css);
        self::assertStringContainsString('.button', $css);
        self::assertStringNotContainsString('9.80', (string) $answer->getContent());
    }

    public function test_it_may_be_read_by_any_page_and_kept_by_any_cache(): void
    {
        $answer = $this->data($this->placed()->code)->assertOk()->assertHeader('Access-Control-Allow-Origin', '*')->assertHeader('Cross-Origin-Resource-Policy', 'cross-origin');

        self::assertSame([], $answer->headers->getCookies());
        self::assertEqualsCanonicalizing(['public', 'max-age=3', 'stale-while-revalidate=5', 'stale-if-error=86400'], explode(', ', (string) $answer->headers->get('Cache-Control')));
        self::assertStringContainsString("frame-ancestors 'none'", (string) $answer->headers->get('Content-Security-Policy'));
        self::assertSame('application/json', $answer->headers->get('Content-Type'));
    }

    public function test_what_has_not_changed_is_not_sent_again(): void
    {
        $placement = $this->placed();
        $tag = (string) $this->data($placement->code)->headers->get('ETag');

        $this->data($placement->code, ['If-None-Match' => $tag])->assertStatus(304);
        $placement->offer->update(['caption' => 'Other words']);
        self::assertNotSame($tag, $this->data($placement->code, ['If-None-Match' => $tag])->assertOk()->headers->get('ETag'));
    }

    public function test_only_one_spelling_of_a_list_is_kept(): void
    {
        $codes = [$this->placed()->code, $this->placed()->code];
        sort($codes);
        [$first, $second] = $codes;

        foreach (["{$first},{$second}" => false, "{$second},{$first}" => true, "{$first},{$first}" => true, strtoupper($first) => true, "{$first}," => true, 'nothing!' => true, '' => true] as $list => $isPassing) {
            $kept = (string) $this->data($list)->assertOk()->headers->get('Cache-Control');
            self::assertSame($isPassing, str_contains($kept, 'no-store'), $list);
        }
        self::assertSame([$first, $second], array_column($this->list($this->data("{$second},{$first},{$first}")), 'code'));
    }

    public function test_fifty_widgets_are_told_of_at_once_in_as_many_reads_as_one(): void
    {
        $codes = array_map(fn (): string => $this->placed()->code, range(1, 50));
        sort($codes);

        // What its look is worked out to is written down the first time.
        $this->data($codes[0]);
        $one = $this->reads($codes[0]);
        self::assertSame($one, $this->reads(implode(',', $codes)));
        self::assertLessThanOrEqual(6, $one);
        self::assertCount(50, $this->list($this->data(implode(',', $codes))));
        $this->data(implode(',', [...$codes, 'zzzzzzz']))->assertStatus(400)->assertHeader('Access-Control-Allow-Origin', '*');
    }

    public function test_a_look_is_worked_out_once_and_again_when_its_seller_changes_it(): void
    {
        $placement = $this->placed();
        $css = fn (): mixed => $this->data($placement->code)->json('widgets.0.css');
        $first = $css();
        $look = $this->shop->looks()->firstOrFail();
        self::assertSame([$first, $first], [$look->sheet, $css()]);

        $values = $this->shop->looks()->whereKeyNot($look->id)->firstOrFail()->values;
        $look->update(['values' => $values]);
        self::assertNull($look->refresh()->sheet);
        self::assertNotSame($first, $css());
        self::assertSame((new LookSheet($values, '.button'))->css(), $look->refresh()->sheet);
    }

    /** @param  list<string>  $expected */
    #[DataProvider('states')]
    public function test_a_widget_follows_its_offer_and_its_goods(callable $change, array $expected): void
    {
        $placement = $this->placed(['caption' => 'Buy now']);
        $change($placement, $placement->offer, $this->honey);

        self::assertSame($expected, array_column($this->list($this->data($placement->code)), 'state'));
    }

    /** @return iterable<string, array{callable(Placement, Offer, Product): mixed, list<string>}> */
    public static function states(): iterable
    {
        yield 'on sale' => [static fn (): bool => true, ['idle']];
        yield 'all gone' => [static fn (Placement $placement, Offer $offer, Product $goods): bool => $goods->update(['stock' => 0]), ['sold_out']];
        yield 'the place paused' => [static fn (Placement $placement): bool => $placement->update(['paused_at' => now()]), ['not_available']];
        yield 'the offer paused' => [static fn (Placement $placement, Offer $offer): bool => $offer->update(['state' => OfferState::Paused]), ['not_available']];
        yield 'goods a draft' => [static fn (Placement $placement, Offer $offer, Product $goods): bool => $goods->update(['is_draft' => true]), ['not_available']];
        yield 'never published' => [static fn (Placement $placement, Offer $offer): bool => $offer->update(['state' => OfferState::Draft]), []];
        yield 'put away' => [static fn (Placement $placement, Offer $offer): bool => $offer->update(['state' => OfferState::Archived]), []];
    }

    public function test_a_widget_shows_as_much_as_the_seller_chose(): void
    {
        $this->honey->update(['name' => 'Heather honey', 'summary' => '<p>Late &amp; dark.</p><p>Slow to <b>pour</b>.</p>', 'sale_minor' => 840, 'sale_from' => now()->subDay(), 'sale_until' => now()->addDay()]);
        $placement = $this->placed();

        foreach (['button' => [null, null], 'price' => [null, '8.40'], 'picture' => ['Late & dark. Slow to pour.', '8.40']] as $form => [$text, $amount]) {
            $placement->update(['form' => $form]);
            $answer = $this->data($placement->code)->assertOk()->assertJsonPath('widgets.0.form', $form);
            self::assertSame([$text, $amount], [$answer->json('widgets.0.goods.text'), $answer->json('widgets.0.price.amount')], $form);
        }
        $this->data($placement->code)->assertJsonPath('widgets.0.price.regular', '9.80')->assertJsonPath('widgets.0.price.currency', 'EUR')->assertJsonPath('widgets.0.price.decimals', 2)
            ->assertJsonPath('widgets.0.goods.picture', $this->shop->base().$this->honey->lead()?->path);
    }

    public function test_a_story_tells_all_that_the_page_of_the_product_says_and_runs_nothing(): void
    {
        $this->honey->update(['summary' => '<p>Late.</p>', 'description' => '<p>From <strong>the moor</strong> <a href="javascript:alert(1)">here</a><script>x</script></p><ul><li>Unheated</li></ul>', 'traits' => [['name' => 'Origin', 'values' => ['Tarn', 'Vale']]], 'stock' => 2]);
        $placement = $this->placed(['caption' => 'Take it']);
        $this->data($placement->code)->assertJsonPath('widgets.0.story', []);
        $placement->update(['form' => 'story']);

        $told = $this->data($placement->code)->assertOk()->assertJsonPath('widgets.0.form', 'story')->assertJsonPath('widgets.0.story.0.name', $this->honey->name)->assertJsonPath('widgets.0.story.0.stock', '2 left.')
            ->assertJsonPath('widgets.0.story.0.traits.0.values', ['Tarn', 'Vale'])->assertJsonPath('widgets.0.story.0.pictures.0.src', $this->shop->base().$this->honey->lead()?->path);
        self::assertSame(['p', 'p', 'ul'], $told->json('widgets.0.story.0.text.*.as'));
        self::assertStringNotContainsString('javascript:', (string) $told->getContent());
        self::assertStringNotContainsString('script>', (string) $told->getContent());
    }

    public function test_all_about_an_offer_is_told_for_its_pop_over_with_what_is_still_to_be_said(): void
    {
        $placement = $this->placed(['caption' => 'Look closer', 'opening' => Opening::PopOver, 'destination' => Onwards::MiniCart, 'ask_label' => 'How many jars', 'ask_least' => 1, 'ask_most' => 4]);

        $this->data($placement->code)->assertJsonPath('widgets.0.pops_up', true)->assertJsonPath('widgets.0.click', 'mini_cart')->assertJsonPath('widgets.0.ask', null);
        $whole = $this->data("{$placement->code}&whole=1")->assertOk()->assertJsonPath('widgets.0.pops_up', false)->assertJsonPath('widgets.0.ask.label', 'How many jars')->assertJsonPath('widgets.0.caption', 'Add to cart')->assertJsonPath('widgets.0.story.0.name', $this->honey->name);
        self::assertStringContainsString('max-age=3', (string) $whole->headers->get('Cache-Control'));
        $this->honey->update(['stock' => 0]);
        $this->data($placement->code)->assertJsonPath('widgets.0.state', 'sold_out')->assertJsonPath('widgets.0.pops_up', false);
    }

    public function test_where_no_variant_is_left_it_is_sold_out(): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small' => 0, 'Large' => 2] as $name => $stock) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $stock, 'sku' => "wrap-{$name}", 'choices' => [$name], 'choices_digest' => hash('sha256', $name), 'stock' => $stock]);
        }
        $placement = $this->placement($this->offer($wrap, ['destination' => Onwards::MiniCart, 'opening' => Opening::PopOver]), 'a page', ['medium' => 'widget']);
        $this->data($placement->code)->assertJsonPath('widgets.0.state', 'idle')->assertJsonPath('widgets.0.pops_up', true);
        $wrap->variants()->update(['stock' => 0]);
        $this->data($placement->code)->assertJsonPath('widgets.0.state', 'sold_out')->assertJsonPath('widgets.0.pops_up', false);
        $placement->offer->update(['state' => OfferState::Paused]);
        $this->data($placement->code)->assertJsonPath('widgets.0.state', 'not_available');
    }

    public function test_a_widget_about_the_cart_adds_nothing(): void
    {
        $placement = $this->placed(['caption' => 'My basket', 'destination' => Onwards::MiniCart]);
        $placement->offer->lines()->delete();

        $this->data($placement->code)->assertJsonPath('widgets.0.adds', false)->assertJsonPath('widgets.0.click', 'mini_cart')->assertJsonPath('widgets.0.pops_up', false);
        $this->get($placement->link($this->shop)->url(), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertRedirect('/cart');
    }

    public function test_what_a_page_keeps_is_asked_past_it_and_kept_by_caches_all_the_same(): void
    {
        $code = $this->placed()->code;

        foreach (['&t=1234567890' => false, '&t=0' => false, '&t=x' => true, '&t=12345678901' => true, '&t=1&t=2' => true] as $asked => $isPassing) {
            self::assertSame($isPassing, str_contains((string) $this->data("{$code}{$asked}")->assertOk()->headers->get('Cache-Control'), 'no-store'), $asked);
        }
    }

    public function test_what_is_shown_is_what_one_click_comes_to(): void
    {
        $candle = $this->product($this->shop, ['sku' => 'candle', 'name' => 'Candle', 'price_minor' => 500]);
        $offer = $this->offer($this->honey);
        $offer->lines()->update(['quantity' => 2]);
        $offer->lines()->create(['shop_id' => $this->shop->id, 'position' => 1, 'product_id' => $candle->id, 'quantity' => 3]);
        $placement = $this->placement($offer, 'a page', ['medium' => 'widget', 'form' => 'picture']);

        $this->data($placement->code)->assertJsonPath('widgets.0.price.amount', '34.60')->assertJsonPath('widgets.0.goods.name', "{$this->honey->name} + Candle")->assertJsonPath('widgets.0.goods.text', '');
        $offer->lines()->where('product_id', $candle->id)->delete();
        $offer->update(['ask_label' => 'How many', 'ask_least' => 1, 'ask_most' => 5]);
        $this->data($placement->code)->assertJsonPath('widgets.0.price.amount', '9.80')->assertJsonPath('widgets.0.price.is_each', true)->assertJsonPath('widgets.0.ask.usual', 2);
    }

    public function test_what_is_open_is_told_with_what_each_answer_costs(): void
    {
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'name' => 'Wrap', 'price_minor' => 700, 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large', adds: $this->shop->money(250))])]]);
        foreach (['Small' => 5, 'Large' => 0] as $name => $stock) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => 5 - $stock, 'sku' => "wrap-{$name}", 'choices' => [$name], 'choices_digest' => hash('sha256', $name), 'stock' => $stock]);
        }
        $fund = $this->product($this->shop, ['sku' => 'fund', 'name' => 'Fund', 'kind' => ProductKind::Donation, 'price_minor' => 1000, 'suggested' => [500, 1000], 'least_minor' => 200]);
        $variants = $this->placement($this->offer($wrap), 'a page', ['medium' => 'widget', 'form' => 'price']);
        $amounts = $this->placement($this->offer($fund), 'a page', ['medium' => 'widget', 'form' => 'price']);

        $this->data($variants->code)->assertJsonPath('widgets.0.price.amount', '7.00')->assertJsonPath('widgets.0.price.varies', true)
            ->assertJsonPath('widgets.0.questions.0.options', [['name' => 'Size', 'choices' => ['Small', 'Large']]])
            ->assertJsonPath('widgets.0.questions.0.variants.1.price.amount', '9.50')->assertJsonPath('widgets.0.questions.0.variants.1.is_sold_out', true);
        $this->data($amounts->code)->assertJsonPath('widgets.0.price', null)->assertJsonPath('widgets.0.questions.0.amounts.usual', '10.00')->assertJsonPath('widgets.0.questions.0.amounts.limits', 'From €2.00');
        // Where a click begins at the shop, the shop asks.
        $variants->offer->update(['opening' => Opening::OwnPage]);
        $this->data($variants->code)->assertJsonPath('widgets.0.click', 'follow')->assertJsonPath('widgets.0.questions', []);
    }

    public function test_what_is_kept_ends_where_a_sale_does(): void
    {
        $this->freezeSecond();
        $placement = $this->placed();
        $kept = fn (): string => (string) $this->data($placement->code)->headers->get('Cache-Control');
        foreach ([2 => ['max-age=2', 'stale-if-error=86400'], 6 => ['max-age=3', 'stale-while-revalidate=3', 'stale-if-error=86400'], 60 => ['max-age=3', 'stale-while-revalidate=5', 'stale-if-error=86400']] as $seconds => $expected) {
            $this->honey->update(['sale_minor' => 840, 'sale_from' => now()->subDay(), 'sale_until' => now()->addSeconds($seconds)]);
            self::assertEqualsCanonicalizing(['public', ...$expected], explode(', ', $kept()), "{$seconds} seconds before");
            $this->data($placement->code)->assertJsonPath('changes_at', now()->addSeconds($seconds)->toRfc3339String());
        }
        $this->honey->update(['sale_until' => now()->subSecond()]);
        $this->data($placement->code)->assertJsonPath('changes_at', null);
    }

    public function test_a_partners_goods_lead_out_with_what_the_law_wants_said(): void
    {
        $product = $this->partnerProduct($this->shop, [], $this->marketplace($this->shop));
        $placement = $this->placement($this->offer($product), 'a page', ['medium' => 'widget', 'form' => 'picture']);

        $answer = $this->data($placement->code)->assertJsonPath('widgets.0.click', 'follow')->assertJsonPath('widgets.0.price', null)->assertJsonPath('widgets.0.rel', 'sponsored nofollow noopener');
        self::assertNotSame('', $answer->json('widgets.0.note'));
        $answer->assertJsonPath('widgets.0.href', "{$this->shop->base()}/k/{$placement->code}");
    }

    public function test_another_form_of_the_question_is_refused_politely(): void
    {
        $code = $this->placed()->code;
        $this->get("{$this->shop->base()}/embed/data?v=2&codes={$code}")->assertStatus(400)->assertJsonPath('v', 1)->assertHeader('Access-Control-Allow-Origin', '*');
        foreach (["codes={$code}", "codes={$code}&v=1", "v=1&codes={$code}&x=1", "v=1&CODES={$code}&codes={$code}"] as $query) {
            $this->get("{$this->shop->base()}/embed/data?{$query}")->assertOk()->assertHeader('Cache-Control', 'no-store, private');
        }
    }

    public function test_a_shop_tells_nothing_of_another(): void
    {
        $other = $this->shop(['slug' => 'elsewhere', 'name' => 'Elsewhere']);
        $theirs = $this->placement($this->offer($this->product($other)));

        self::assertSame([], $this->list($this->data($theirs->code)));
        self::assertCount(1, $this->list($this->get("{$other->base()}/embed/data?codes={$theirs->code}")));
    }

    public function test_there_is_no_page_behind_the_address_of_widgets(): void
    {
        $this->get("{$this->shop->base()}/embed/elsewhere")->assertNotFound();
        $this->post("{$this->shop->base()}/embed/data", ['codes' => 'x'])->assertNotFound();
        $this->get("{$this->shop->base()}/embed/data?codes[]=x")->assertOk()->assertJsonPath('widgets', []);
    }

    /** @param  array<string, mixed>  $offer */
    private function placed(array $offer = []): Placement
    {
        return $this->placement($this->offer($this->honey, $offer), 'a page', ['medium' => 'widget']);
    }

    /**
     * @param  array<string, string>  $headers
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function data(string $codes, array $headers = []): TestResponse
    {
        return $this->get("{$this->shop->base()}/embed/data?v=1&codes={$codes}", $headers);
    }

    /**
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer
     * @return list<array<mixed>>
     */
    private function list(TestResponse $answer): array
    {
        $widgets = $answer->assertOk()->json('widgets');

        return is_array($widgets) ? array_values(array_filter($widgets, is_array(...))) : self::fail('There are no widgets.');
    }

    private function reads(string $codes): int
    {
        $reads = 0;
        DB::listen(static function () use (&$reads): void {
            $reads++;
        });
        $this->data($codes)->assertOk();

        return $reads;
    }
}
