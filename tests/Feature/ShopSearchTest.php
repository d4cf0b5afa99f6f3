<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Finding\Kind;
use App\Finding\WriteWords;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** How shoppers find goods in the list, and in which order they stand there. */
final class ShopSearchTest extends TestCase
{
    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        foreach ([
            ['sku' => 'heather', 'name' => 'Heather honey', 'summary' => '<p>Dark and <b>slow</b> to pour.</p>', 'price_minor' => 980],
            ['sku' => 'lime', 'name' => 'Lime honey', 'description' => '<p>From the avenue at Weir Cottage.</p>', 'price_minor' => 640],
            ['sku' => 'candle-01', 'name' => 'Tall candle', 'price_minor' => 1295, 'sale_minor' => 500, 'traits' => [['name' => 'Burns', 'values' => ['forty hours']]]],
            ['sku' => 'miel', 'name' => 'Miel de lavande', 'price_minor' => 700],
            ['sku' => '蜂蜜', 'name' => '百花蜂蜜', 'price_minor' => 800],
        ] as $with) {
            $this->product($this->shop, $with);
        }
        $this->partnerProduct($this->shop, ['name' => 'Veil']);
        $honey = $this->shop->categories()->create(['name' => 'From the hive']);
        Product::query()->where('sku', 'heather')->firstOrFail()->categories()->attach($honey->id, ['shop_id' => $this->shop->id]);
        $this->words();
    }

    /** @param  list<string>  $found */
    #[DataProvider('searches')]
    public function test_goods_are_found_by_what_stands_on_their_pages(string $typed, array $found): void
    {
        self::assertSame($found, self::names($this->list(['q' => $typed])));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function searches(): iterable
    {
        yield 'a word of the name' => ['honey', ['Heather honey', 'Lime honey']];
        yield 'its beginning' => ['hea', ['Heather honey']];
        yield 'two in any order' => ['honey lime', ['Lime honey']];
        yield 'of the short text' => ['slow', ['Heather honey']];
        yield 'of the long text' => ['weir', ['Lime honey']];
        yield 'of the category' => ['hive', ['Heather honey']];
        yield 'an attribute' => ['forty', ['Tall candle']];
        yield 'the SKU' => ['candle-01', ['Tall candle']];
        yield 'an accent more' => ['lavánde', ['Miel de lavande']];
        yield 'another script' => ['蜂蜜', ['百花蜂蜜']];
        yield 'a wrong letter' => ['hxather', ['Heather honey']];
        yield 'a missing one' => ['cndle', ['Tall candle']];
        yield 'one too many' => ['lavanvde', ['Miel de lavande']];
        yield 'two swapped' => ['hnoey', ['Heather honey', 'Lime honey']];
        yield 'signs alone' => ['%_"\'', []];
        yield 'nothing like it' => ['bicycle', []];
        yield 'hostile' => ['<script>alert(1)</script>', []];
    }

    public function test_exact_ones_come_before_those_that_are_nearly_meant(): void
    {
        $this->product($this->shop, ['sku' => 'money-box', 'name' => 'A money box']);
        $this->words();

        $page = $this->list(['q' => 'honey']);
        self::assertSame(['Heather honey', 'Lime honey', 'A money box'], self::names($page));
        $page->assertSee('3 things for “<bdi>honey</bdi>”.', false)->assertSee('Also looked for: <bdi>money</bdi>.', false)->assertSee('<meta name="robots" content="noindex">', false);
    }

    /** @param  list<string>  $order */
    #[DataProvider('orders')]
    public function test_goods_are_sorted(string $sort, array $order): void
    {
        self::assertSame($order, array_slice(self::names($this->list(['sort' => $sort])), 0, count($order)));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function orders(): iterable
    {
        yield 'by name' => ['', ['Heather honey', 'Lime honey']];
        yield 'the newest first' => ['new', ['Veil', '百花蜂蜜', 'Miel de lavande']];
        yield 'the cheapest first, by today’s price, and what others sell last' => ['low', ['Tall candle', 'Lime honey', 'Miel de lavande', '百花蜂蜜', 'Heather honey', 'Veil']];
        yield 'the dearest first' => ['high', ['Heather honey', '百花蜂蜜']];
        yield 'by nothing that there is' => ["x' OR 1", ['Heather honey']];
    }

    public function test_pages_are_numbered_and_keep_what_was_asked(): void
    {
        foreach (range(1, 200) as $number) {
            $this->product($this->shop, ['sku' => "jar-{$number}", 'name' => sprintf('Jar %03d', $number)]);
        }
        $this->words();

        $page = $this->list(['q' => 'jar', 'sort' => 'low', 'page' => '4']);
        foreach ([1, 3, 5, 9] as $number) {
            $page->assertSee('href="/?q=jar&amp;sort=low&amp;page='.$number.'"', false);
        }
        $page->assertSee('aria-current="page"', false);
        $this->list(['page' => '4000'])->assertOk();
    }

    public function test_what_is_not_sold_or_another_shops_is_not_found(): void
    {
        $this->product($this->shop, ['name' => 'Secret honey', 'is_draft' => true]);
        $this->product($this->shop, ['name' => 'Former honey'])->delete();
        $other = $this->shop();
        $this->product($other, ['name' => 'Their honey']);
        $this->words();
        $this->words($other);

        self::assertSame(['Heather honey', 'Lime honey'], self::names($this->list(['q' => 'honey'])));
    }

    public function test_what_a_seller_writes_is_found_at_once(): void
    {
        $this->actingAs($this->person($this->shop));
        $blank = (array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/products/blank"))->json('entry');
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/products"), ['name' => 'Propolis', 'price' => '5.00', 'summary' => '<p>Tincture</p>'] + $blank)->assertCreated();

        self::assertSame(['Propolis'], self::names($this->list(['q' => 'tincture'])));
        $this->getJson($this->console("/api/shops/{$this->shop->slug}/find?q=tincture"))->assertOk()->assertJsonMissing(['label' => 'Propolis']);
    }

    public function test_a_search_reads_no_other_shops_words(): void
    {
        $db = Product::query()->getConnection();
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked[] = $query;
        });
        $this->list(['q' => 'hony'])->assertOk();
        $reads = array_filter($asked, static fn (QueryExecuted $query): bool => str_starts_with($query->sql, 'select distinct `word`'));

        self::assertCount(1, $reads);
        foreach ($reads as $read) {
            $plan = $db->select("EXPLAIN {$read->sql}", $read->bindings);
            self::assertSame(['PRIMARY'], array_map(static fn (mixed $row): mixed => ((array) $row)['key'] ?? null, (array) $plan));
        }
    }

    private function words(?Shop $shop = null): void
    {
        $of = $shop ?? $this->shop;
        app(WriteWords::class)->of(Kind::Goods, $of, array_values($of->products()->pluck('id')->map(static fn (mixed $id): int => is_int($id) ? $id : 0)->all()));
    }

    /**
     * @param  array<string, string>  $asked
     * @return TestResponse<Response>
     */
    private function list(array $asked): TestResponse
    {
        return $this->get($this->shop->base().'/?'.http_build_query($asked))->assertOk()->assertDontSee('<script>alert', false);
    }

    /**
     * @param  TestResponse<Response>  $page
     * @return list<string>
     */
    private static function names(TestResponse $page): array
    {
        preg_match_all('~class="goods-name"[^>]*>([^<]*)<~', (string) $page->getContent(), $found);

        return array_map(html_entity_decode(...), $found[1]);
    }
}
