<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Finding\FindAnything;
use App\Finding\FoundThing;
use App\Finding\Kind;
use App\Models\Look;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Placement;
use App\Models\Shop;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use PaperKite\Offer\ButtonState;
use PaperKite\Quote\CouponKind;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\ReadsRows;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** Every search of every list, in ten scripts: held against what its rows show, and against the plan by which it is read. */
final class EverySearchTest extends TestCase
{
    use ReadsRows;
    use TakesOrders;

    private const PIECES = ['Heather', 'honey', 'Crème', 'Straße', 'мёд', 'липовый', 'عسل', 'דבש', '蜂蜜', 'ろうそく', 'น้ำผึ้ง', '꿀벌', 'शहद', 'μέλι', 'ＡＢＣ', '340', 'g', 'wrap-l', '50%', '_under', "it's", '🐝', 'live', 'new', 'draft'];

    private const SEARCHES = 300;

    private Shop $shop;

    private Randomizer $random;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
        $this->random = new Randomizer(new Mt19937(getenv('KITE_ALL_SEARCHES') === '1' ? 12 : 11));
    }

    public function test_generated_searches_find_what_an_independent_reckoning_of_the_rows_finds(): void
    {
        $this->stock();
        $lists = ['products', 'offers', 'orders', 'copies', 'price-tables', 'coupons', 'looks'];
        $rows = array_map(fn (string $list): array => $this->rows($list, ''), $lists);
        foreach (range(1, getenv('KITE_ALL_SEARCHES') === '1' ? 10 * self::SEARCHES : self::SEARCHES) as $_) {
            $at = $this->random->getInt(0, count($lists) - 1);
            $typed = implode(' ', array_map(fn (string $word): string => mb_substr($word, 0, $this->random->getInt(1, 6)), explode(' ', $this->pieces(3))));
            $found = array_keys($this->rows($lists[$at], $typed));
            $meant = array_keys(array_filter($rows[$at], static fn (array $row): bool => self::mustFind($row['shown'], $typed)));
            $possible = array_keys(array_filter($rows[$at], static fn (array $row): bool => self::mayFind("{$row['shown']} {$row['beside']}", $typed)));

            self::assertSame([], array_diff($meant, $found), "{$lists[$at]}, not found by: {$typed}");
            self::assertSame([], array_diff($found, $possible), "{$lists[$at]}, found without reason by: {$typed}");
        }
    }

    public function test_no_search_reads_a_full_table(): void
    {
        foreach (Kind::cases() as $kind) {
            foreach (array_chunk(range(1, 10_000), 2_500) as $some) {
                DB::table('search_words')->insert(array_map(fn (int $number): array => ['shop_id' => $this->shop->id, 'kind' => $kind->value, 'word' => $number % 2 === 0 ? 'honey' : "word{$number}", 'thing_id' => $number], $some));
                DB::table('search_things')->insert(array_map(fn (int $number): array => ['shop_id' => $this->shop->id, 'kind' => $kind->value, 'thing_id' => $number, 'code' => "code{$number}", 'label' => "Thing {$number}", 'note' => ''], $some));
            }
        }
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            if (str_contains($query->sql, 'search_words') && ! str_contains($query->sql, 'EXPLAIN ')) {
                $asked[] = [$query->sql, $query->bindings];
            }
        });
        $lists = ['products?search=', 'offers?search=', 'orders?search=', 'copies?search=', 'price-tables?search=', 'coupons?search=', 'looks?search=', 'offers/states?search=', 'products/states?search=', 'find?typed='];
        foreach ($lists as $list) {
            foreach (['word123', 'honey', 'honey+word12'] as $typed) {
                $this->getJson($this->console("/api/shops/{$this->shop->slug}/{$list}{$typed}"))->assertOk();
            }
        }

        self::assertGreaterThan(count($lists) * 3, count($asked));
        foreach ($asked as [$sql, $bindings]) {
            /** @var list<object{table: string|null, type: string|null}> $plan */
            $plan = Offer::query()->getConnection()->select((string) preg_replace('/^(SET STATEMENT .*? FOR )?/', '$1EXPLAIN ', $sql), $bindings);
            foreach ($plan as $step) {
                // What stands in brackets was made by the question itself.
                self::assertTrue($step->type !== 'ALL' || str_starts_with((string) $step->table, '<'), "{$sql}\n".json_encode($plan));
            }
        }
    }

    public function test_what_is_common_is_found_from_the_newest_on_and_what_is_scarce_among_it_too(): void
    {
        $things = [];
        $words = [];
        foreach (range(1, 6_000) as $number) {
            $things[] = ['shop_id' => $this->shop->id, 'kind' => Kind::Order->value, 'thing_id' => $number, 'code' => (string) $number, 'label' => "Order {$number}", 'note' => ''];
            foreach (['honey', $number <= 3_000 ? 'wax' : 'comb'] as $word) {
                $words[] = ['shop_id' => $this->shop->id, 'kind' => Kind::Order->value, 'thing_id' => $number, 'word' => $word];
            }
        }
        array_map(static fn (array $some): bool => DB::table('search_things')->insert($some), array_chunk($things, 2_000));
        array_map(static fn (array $some): bool => DB::table('search_words')->insert($some), array_chunk($words, 2_000));
        $found = fn (string $typed): array => array_map(static fn (FoundThing $thing): int => $thing->id, app(FindAnything::class)($this->shop, $typed, []));

        self::assertSame([6_000, 5_999, 5_998, 5_997, 5_996], $found('honey'));
        self::assertSame([6_000, 5_999, 5_998, 5_997, 5_996], $found('honey comb'));
        self::assertSame([3_000, 2_999, 2_998, 2_997, 2_996], $found('wax'));
        self::assertSame([3_000, 2_999, 2_998, 2_997, 2_996], $found('w'));
        self::assertSame([3_000, 2_999, 2_998, 2_997, 2_996], $found('honey wax'));
        self::assertSame([3_000, 2_999, 2_998, 2_997, 2_996], $found('w wax honey'));
        self::assertSame([], $found('wax comb'));
        self::assertSame([17], array_slice($found('17'), 0, 1));
    }

    private function stock(): void
    {
        foreach (range(1, 14) as $number) {
            $product = $this->product($this->shop, ['name' => "{$this->pieces(4)} {$number}", 'sku' => "sku-{$number}", 'is_draft' => $number > 12]);
            $offer = $this->offer($product, ['caption' => $number % 3 === 0 ? null : mb_substr($this->pieces(2), 0, 30), 'state' => ['live', 'draft', 'paused'][$number % 3]]);
            $place = $this->placement($offer, $this->pieces(3));
            Placement::query()->whereKey($place->id)->update(['is_stale' => true]);
            if ($number <= 8) {
                $this->held($this->shop, $product, 1)->update(['name' => $this->pieces(2)]);
            }
            Look::query()->create(['shop_id' => $this->shop->id, 'name' => mb_substr("{$this->pieces(2)} {$number}", 0, 40), 'values' => $this->shop->looks()->firstOrFail()->values]);
            $this->shop->coupons()->create(['code' => "C{$number}-".mb_substr($this->random->getInt(0, 1) === 0 ? 'MAY' : 'HONEY', 0, 5), 'kind' => CouponKind::Percent, 'percent' => (string) $number]);
            $table = $this->shop->priceTables()->create(['name' => mb_substr("{$this->pieces(2)} {$number}", 0, 60)]);
            $this->placement($offer, $table->name, ['medium' => 'price_table', 'price_table_id' => $table->id, 'table_position' => 0]);
        }
        DB::table('search_things')->where('kind', Kind::Order->value)->delete();
        $this->command('search:write')->assertSuccessful();
    }

    /** @return array<string, array{shown: string, beside: string}> by what names them: what a row shows, and what else it may be found by */
    private function rows(string $list, string $typed): array
    {
        $rows = [];
        for ($page = 1; $page <= 2; $page++) {
            foreach ((array) $this->getJson($this->console("/api/shops/{$this->shop->slug}/{$list}?page={$page}&search=".rawurlencode($typed)))->assertOk()->json('items') as $row) {
                self::assertIsArray($row);
                $key = $row['placement_id'] ?? $row['number'] ?? $row['id'] ?? null;
                self::assertIsInt($key);
                $rows["row {$key}"] = ['shown' => ($list === 'orders' ? "{$key} " : '').self::said($row, ...self::SHOWN[$list]), 'beside' => self::said($row).' '.$this->beside($list, $key)];
            }
        }

        return $rows;
    }

    /** @var array<string, list<string>> the fields of a row that a search is held to */
    private const SHOWN = [
        'products' => ['name', 'sku'],
        'offers' => ['state', 'caption', 'goods', 'leads', 'page'],
        'orders' => ['name', 'goods_label', 'label'],
        'copies' => ['page', 'medium'],
        'price-tables' => ['name', 'goods', 'caption'],
        'coupons' => ['code'],
        'looks' => ['name'],
    ];

    /**
     * What stands in fields of these names, however deep; of no names: all of it, as one text and piece by piece.
     *
     * @param  array<mixed>  $row
     */
    private static function said(array $row, string ...$fields): string
    {
        $said = '';
        array_walk_recursive($row, static function (mixed $value, int|string $field) use (&$said, $fields): void {
            $said .= is_string($value) && ($fields === [] || in_array($field, $fields, true)) ? " {$value}" : '';
        });
        $sentence = is_array($row['sentence'] ?? null) ? implode('', array_filter(array_column($row['sentence'], 'text'), is_string(...))) : '';

        return $fields === [] ? "{$said} {$sentence}" : $said;
    }

    /** What is not in a row, and found all the same: SKUs, a mail address, the code of a link. */
    private function beside(string $list, int $key): string
    {
        $sold = static fn (OfferLine|OrderLine $line): string => "{$line->product->sku} {$line->product->name}";
        $place = static fn (Placement $place): string => implode(' ', [$place->code, ...$place->offer->lines->map($sold)->all()]);

        return match ($list) {
            'products' => 'Goods draft',
            'offers' => implode(' ', Offer::query()->with('lines.product')->findOrFail($key)->lines->map($sold)->all()),
            'orders' => implode(' ', [($order = Order::query()->with('lines.product')->where(['shop_id' => $this->shop->id, 'number' => $key])->firstOrFail())->email, ...$order->lines->map($sold)->all()]),
            'copies' => $place(Placement::query()->with('offer.lines.product')->findOrFail($key)).' '.Placement::query()->with(['offer.lines.product.addresses'])->findOrFail($key)->word(ButtonState::Idle, Placement::query()->with('offer.lines.product.addresses')->findOrFail($key)->offer, $this->shop),
            'price-tables' => 'one column '.$place(Placement::query()->with('offer.lines.product')->where('price_table_id', $key)->firstOrFail()),
            'coupons' => 'coupon',
            default => 'look',
        };
    }

    private function pieces(int $most): string
    {
        return implode(' ', array_map(fn (): string => self::PIECES[$this->random->getInt(0, count(self::PIECES) - 1)], range(1, $this->random->getInt(1, $most))));
    }
}
