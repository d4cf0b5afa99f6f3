<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PaperKite\Offer\OfferState;
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

        $one = $this->reads($codes[0]);
        self::assertSame($one, $this->reads(implode(',', $codes)));
        self::assertCount(50, $this->list($this->data(implode(',', $codes))));
        $this->data(implode(',', [...$codes, 'zzzzzzz']))->assertStatus(400)->assertHeader('Access-Control-Allow-Origin', '*');
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
