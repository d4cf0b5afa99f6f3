<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Finding\FindByWords;
use App\Finding\Kind;
use App\Finding\WordCounts;
use App\Finding\WordSets;
use App\Finding\WriteWords;
use App\Models\Placement;
use App\Models\Shop;
use App\Payments\NoteCapture;
use Illuminate\Support\Facades\DB;
use PaperKite\Quote\CouponKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** Orders, copies, price tables, looks and coupons are found as products and offers are. */
final class FoundInListsTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    #[DataProvider('orders')]
    public function test_an_order_is_found_by_what_its_row_shows(string $typed, bool $isFound): void
    {
        $order = $this->held($this->shop, $this->product($this->shop, ['name' => 'Crème of heather honey', 'sku' => 'honey-340']), 2);
        $order->update(['name' => 'Łucja 蜂 Ó Briain']);
        $this->command('search:write')->assertSuccessful();
        $order->update(['goods_state' => 'packed']);

        self::assertSame($isFound ? 1 : 0, $this->found('orders', str_replace(['{number}', '{mail}'], [(string) $order->number, $order->email], $typed)), $typed);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function orders(): iterable
    {
        yield 'its number' => ['{number}', true];
        yield 'the address of the mail' => ['{mail}', true];
        yield 'the shopper, without marks' => ['o briain', true];
        yield 'the shopper, in another script' => ['蜂', true];
        yield 'its goods, as they were called' => ['creme hon', true];
        yield 'their SKU' => ['honey-340', true];
        yield 'the state of the goods' => ['packed', true];
        yield 'the state that it has left' => ['new', false];
        yield 'the middle of a word' => ['riain', false];
        yield 'somebody else' => ['mira', false];
    }

    public function test_an_order_whose_money_is_taken_is_found_as_paid(): void
    {
        $order = $this->held($this->shop, $this->product($this->shop), 1);
        self::assertSame([0, 1], [$this->found('orders', 'paid'), $this->found('orders', $order->money_state->label())]);

        app(NoteCapture::class)($this->paymentOf($order));
        self::assertSame(1, $this->found('orders', 'paid'));
    }

    public function test_a_copy_is_found_by_its_page_its_goods_and_its_caption(): void
    {
        $placement = $this->placement($this->offer($this->product($this->shop, ['name' => 'Willow honey'])), '春の記事', ['medium' => 'html', 'caption' => 'Taste it']);
        Placement::query()->whereKey($placement->id)->update(['is_stale' => true]);

        self::assertSame([1, 1, 1, 0, 0], array_map(fn (string $typed): mixed => $this->found('copies', $typed), ['の記', 'will hon', 'taste', 'buy', 'candle']));
    }

    public function test_a_price_table_is_found_by_its_name_and_by_what_its_columns_sell(): void
    {
        $offers = array_map(fn (string $name): int => $this->offer($this->product($this->shop, ['name' => $name]))->id, ['Willow honey', 'Lime honey']);
        $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/price-tables"), self::tableEntry('Three jars', $offers))->assertCreated()->json('id');
        self::assertSame([1, 1, 0], array_map(fn (string $typed): mixed => $this->found('price-tables', $typed), ['three', 'lime', 'candle']));

        $this->putJson($this->console("/api/shops/{$this->shop->slug}/price-tables/".(is_int($id) ? $id : 0)), self::tableEntry('Two pots', $offers))->assertOk();
        self::assertSame([0, 1], array_map(fn (string $typed): mixed => $this->found('price-tables', $typed), ['three', 'pots']));
    }

    public function test_looks_and_coupons_are_found_by_name_and_by_what_they_do(): void
    {
        $this->shop->looks()->firstOrFail()->update(['name' => 'Stürmische See']);
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Percent, 'percent' => '10']);
        $looks = fn (string $typed): int => count((array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/looks?search=".rawurlencode($typed)))->assertOk()->json('items'));

        self::assertSame([1, 0], [$looks('sturm'), $looks('candle')]);
        self::assertSame([1, 1, 0], array_map(fn (string $typed): mixed => $this->found('coupons', $typed), ['may', 'takes off', 'june']));
    }

    public function test_what_nearly_everything_has_is_counted_so_far_as_pages_are_turned(): void
    {
        $many = FindByWords::MOST_COUNTED + 10;
        foreach (array_chunk(range(1, $many), 1_000) as $some) {
            DB::table('coupons')->insert(array_map(fn (int $number): array => ['shop_id' => $this->shop->id, 'code' => "MAY{$number}", 'kind' => 'percent', 'percent' => '10', 'created_at' => now(), 'updated_at' => now()], $some));
        }
        DB::insert('INSERT INTO search_words (shop_id, kind, word, thing_id) SELECT shop_id, ?, LOWER(code), id FROM coupons WHERE shop_id = ?', [Kind::Coupon->value, $this->shop->id]);
        $ask = fn (string $query) => $this->getJson($this->console("/api/shops/{$this->shop->slug}/coupons?{$query}"))->assertOk();

        $ask('search=may')->assertJsonPath('at', ['page' => 1, 'pages' => FindByWords::MOST_COUNTED / 20, 'total' => FindByWords::MOST_COUNTED, 'is_more' => true])->assertJsonPath('items.0.entry.code', "MAY{$many}")->assertJsonCount(20, 'items');
        $ask('search=may&page=9999')->assertJsonCount(0, 'items');
        $ask('search=may17')->assertJsonPath('at.total', 11)->assertJsonPath('at.is_more', false);
        $ask('')->assertJsonPath('at.total', $many);
    }

    /** Whichever way to them is the quickest, the pages are those of the whole list. */
    public function test_what_very_many_have_is_found_in_the_order_of_the_list_however_it_lies_in_it(): void
    {
        [$half, $all] = [WordCounts::MANY + 500, 2 * WordCounts::MANY + 1_000];
        DB::insert("INSERT INTO coupons (shop_id, code, kind, percent, created_at, updated_at) SELECT ?, CONCAT('C', seq), 'percent', '10', NOW(), NOW() FROM seq_1_to_{$all}", [$this->shop->id]);
        $conditions = [
            'everywhere' => 'TRUE', 'early' => "place <= {$half}", 'late' => "place > {$half}",
            'thinner' => 'place <= '.($all - 2_000).' OR place % 4 = 0', 'scattered' => 'place % 20 = 0', 'scarce' => 'place <= 1500',
        ];
        foreach ($conditions as $word => $condition) {
            DB::insert("INSERT INTO search_words (shop_id, kind, word, thing_id) SELECT shop_id, ?, ?, id FROM (SELECT shop_id, id, CAST(SUBSTRING(code, 2) AS UNSIGNED) AS place FROM coupons WHERE shop_id = ?) AS placed WHERE {$condition}", [Kind::Coupon->value, $word, $this->shop->id]);
        }
        DB::insert("INSERT INTO search_things (shop_id, kind, thing_id, code, label, note) SELECT shop_id, ?, id, code, code, '' FROM coupons WHERE shop_id = ?", [Kind::Coupon->value, $this->shop->id]);

        $this->assertFound($conditions);
        $this->command('search:common')->assertSuccessful();
        self::assertSame(['early', 'everywhere', 'late', 'thinner'], $this->wordsWithSets());
        $this->assertFound($conditions);
    }

    /** Whether a change of words has been taken up by the sets or not, it is found. */
    public function test_what_is_written_after_the_sets_of_common_words_were_made_is_found(): void
    {
        $half = WordSets::COMMON + 2_500;
        DB::insert('INSERT INTO coupons (shop_id, code, kind, percent, created_at, updated_at) SELECT ?, CONCAT(\'C\', seq), \'percent\', \'10\', NOW(), NOW() FROM seq_1_to_'.(2 * $half), [$this->shop->id]);
        DB::insert("INSERT INTO search_words (shop_id, kind, word, thing_id) SELECT shop_id, ?, IF(CAST(SUBSTRING(code, 2) AS UNSIGNED) <= {$half}, 'early', 'late'), id FROM coupons WHERE shop_id = ?", [Kind::Coupon->value, $this->shop->id]);
        $this->command('search:common')->assertSuccessful();
        self::assertSame(['early', 'late'], $this->wordsWithSets());
        $both = function (): mixed {
            $found = $this->getJson($this->console("/api/shops/{$this->shop->slug}/coupons?search=late+earl"))->assertOk()->json('items.*.entry.code');
            $this->command('search:fold')->assertSuccessful();
            self::assertSame(0, DB::table('word_changes')->where('shop_id', $this->shop->id)->count());
            self::assertSame($found, $this->getJson($this->console("/api/shops/{$this->shop->slug}/coupons?search=late+earl"))->assertOk()->json('items.*.entry.code'));

            return $found;
        };
        $coupons = $this->shop->coupons()->orderBy('id')->limit(2)->get();
        self::assertSame([], $both());

        $coupons[0]?->update(['code' => 'EARLY-LATE']);
        $coupons[1]?->update(['code' => 'LATER']);
        self::assertSame(['EARLY-LATE'], $both());
        $coupons[1]?->update(['code' => 'LATER-EARLIER']);
        self::assertSame(['LATER-EARLIER', 'EARLY-LATE'], $both());
        $coupons[0]?->update(['code' => 'EARLY']);
        self::assertSame(['LATER-EARLIER'], $both());
        $coupons[1]?->delete();
        app(WriteWords::class)->of(Kind::Coupon, $this->shop, [(int) $coupons[1]?->id]);
        self::assertSame([], $both());

        // So many at once that no set is gone by until they are taken up.
        DB::insert("INSERT INTO search_words (shop_id, kind, word, thing_id) SELECT shop_id, kind, 'late', thing_id FROM search_words WHERE shop_id = ? AND kind = ? AND word = 'early' ORDER BY thing_id LIMIT 5000", [$this->shop->id, Kind::Coupon->value]);
        DB::insert("INSERT INTO search_words (shop_id, kind, word, thing_id) SELECT shop_id, kind, 'bulk', thing_id FROM search_words WHERE shop_id = ? AND kind = ? AND word = 'early' ORDER BY thing_id LIMIT 5000", [$this->shop->id, Kind::Coupon->value]);
        DB::insert("INSERT INTO word_changes (shop_id, kind, thing_id) SELECT shop_id, kind, thing_id FROM search_words WHERE shop_id = ? AND kind = ? AND word = 'early' ORDER BY thing_id LIMIT 5000", [$this->shop->id, Kind::Coupon->value]);
        self::assertSame(array_map(static fn (int $place): string => "C{$place}", range(5_001, 4_982)), $both());
        self::assertSame(['bulk', 'early', 'late'], $this->wordsWithSets());
    }

    /** @return list<mixed> */
    private function wordsWithSets(): array
    {
        return array_values(DB::table('word_sets')->where('shop_id', $this->shop->id)->distinct()->orderBy('word')->pluck('word')->all());
    }

    /** @param  array<string, string>  $conditions  in SQL of the place of a coupon, by the word that those have */
    private function assertFound(array $conditions): void
    {
        foreach ([['everywhere'], ['early'], ['thinner'], ['scattered'], ['scarce'], ['everywhere', 'late'], ['everywhere', 'early'], ['scattered', 'everywhere'], ['everywhere', 'thinner', 'scarce'], ['early', 'late'], ['scattered', 'scarce']] as $words) {
            $has = implode(' AND ', array_map(static fn (string $word): string => "({$conditions[$word]})", $words));
            $codes = DB::table('coupons')->where('shop_id', $this->shop->id)->selectRaw('code, CAST(SUBSTRING(code, 2) AS UNSIGNED) AS place')->havingRaw($has)->orderByDesc('place')->pluck('code')->all();
            foreach ([1, 2, 26, 50] as $page) {
                $shown = array_slice($codes, ($page - 1) * 20, 20);
                $this->getJson($this->console("/api/shops/{$this->shop->slug}/coupons?page={$page}&search=".implode('+', $words)))->assertOk()
                    ->assertJsonPath('items.*.entry.code', $shown)->assertJsonPath('at.total', min(count($codes), FindByWords::MOST_COUNTED))->assertJsonPath('at.is_more', count($codes) > FindByWords::MOST_COUNTED);
            }
            // With each of its beginnings as a word too, it finds the same.
            $begun = implode('+', array_map(static fn (int $length): string => substr($words[0], 0, $length), range(strlen($words[0]), 1)));
            if (count($words) === 1) {
                $this->getJson($this->console("/api/shops/{$this->shop->slug}/coupons?search={$begun}"))->assertOk()->assertJsonPath('items.*.entry.code', array_slice($codes, 0, 20));
            }
        }
    }

    private function found(string $list, string $typed): mixed
    {
        return $this->getJson($this->console("/api/shops/{$this->shop->slug}/{$list}?search=".rawurlencode($typed)))->assertOk()->json('at.total');
    }
}
