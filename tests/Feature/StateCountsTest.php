<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\GrownShop;
use App\Finding\AddUpStates;
use App\Finding\Kind;
use App\Finding\StateCounts;
use App\Models\Order;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use PaperKite\Offer\OfferState;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;
use Tests\Support\StatesCounted;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** How many things are in which state is written down by the database, whoever writes them, and pages are turned by it. */
final class StateCountsTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
    }

    public function test_however_a_thing_is_written_its_state_is_counted(): void
    {
        [$honey, $wax, $wrap] = array_map(fn (string $name): Product => $this->product($this->shop, ['name' => $name]), ['Honey', 'Wax', 'Wrap']);
        self::assertSame(['for_sale' => 3], $this->counts(Kind::Product));
        $honey->update(['is_draft' => true]);
        self::assertSame(['draft' => 1, 'for_sale' => 2], $this->counts(Kind::Product));
        $honey->update(['name' => 'Ling honey']);
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/deleted/product/{$wax->id}"), ['is_deleted' => true])->assertSuccessful();
        self::assertSame(['draft' => 1, 'for_sale' => 1], $this->counts(Kind::Product));
        DB::table('products')->where('shop_id', $this->shop->id)->update(['is_draft' => true]);
        self::assertSame(['draft' => 2], $this->counts(Kind::Product));
        DB::table('products')->where('id', $wrap->id)->update(['is_draft' => false]);

        $offer = $this->offer($wrap);
        $offer->update(['state' => OfferState::Archived]);
        $this->offer($wrap);
        self::assertSame(['archived' => 1, 'live' => 1], $this->counts(Kind::Offer));

        $order = $this->paid($this->shop, $wrap, 1);
        self::assertSame(['new/paid' => 1], $this->counts(Kind::Order));
        $order->update(['goods_state' => GoodsState::Sent, 'money_state' => MoneyState::PartlyRefunded]);
        self::assertSame(['sent/partly_refunded' => 1], $this->counts(Kind::Order));
        self::assertSame([], StatesCounted::wrong());
    }

    public function test_what_is_added_up_is_what_it_was_and_one_row(): void
    {
        $products = array_map(fn (int $at): Product => $this->product($this->shop, ['is_draft' => $at > 2]), range(1, 5));
        foreach (range(1, 40) as $time) {
            DB::table('products')->whereIn('id', array_map(static fn (Product $product): int => $product->id, $products))->update(['is_draft' => DB::raw('1 - is_draft')]);
        }
        $before = $this->counts(Kind::Product);
        app(AddUpStates::class)();
        app(AddUpStates::class)();

        self::assertSame(['draft' => 3, 'for_sale' => 2], $before);
        self::assertSame($before, $this->counts(Kind::Product));
        self::assertSame(2, DB::table('state_counts')->where('shop_id', $this->shop->id)->count());
        self::assertSame([], StatesCounted::wrong());
    }

    public function test_pages_that_are_read_from_the_end_are_those_that_are_read_from_the_beginning(): void
    {
        $product = $this->product($this->shop);
        $numbers = array_map(fn (): int => $this->held($this->shop, $product, 1)->number, range(1, 43));
        Order::query()->where('shop_id', $this->shop->id)->where('number', '<=', 1022)->update(['goods_state' => GoodsState::Sent]);
        rsort($numbers);

        foreach (['' => $numbers, 'state=sent' => array_slice($numbers, 21), 'state=new&money=authorised' => array_slice($numbers, 0, 21), 'state=packed' => []] as $filter => $expected) {
            $pages = max(1, (int) ceil(count($expected) / 20));
            $read = [];
            foreach (range(1, $pages) as $page) {
                $answer = $this->getJson($this->console("/api/shops/{$this->shop->slug}/orders?{$filter}&page={$page}"))->assertOk()->assertJsonPath('at', ['page' => $page, 'pages' => $pages, 'total' => count($expected), 'is_more' => false]);
                $read = [...$read, ...array_column((array) $answer->json('items'), 'number')];
            }
            self::assertSame($expected, $read, $filter);
            $this->getJson($this->console("/api/shops/{$this->shop->slug}/orders?{$filter}&page=".($pages + 1)))->assertOk()->assertJsonPath('items', [])->assertJsonPath('at.total', count($expected));
        }
    }

    public function test_pages_deep_in_a_list_of_orders_are_those_of_the_whole_list(): void
    {
        $this->product($this->shop, ['sku' => 'honey-340']);
        app(GrownShop::class)->orders($this->shop, 3 * StateCounts::BLOCK);
        DB::table('orders')->where('shop_id', $this->shop->id)->whereRaw('number % 5 = 0')->update(['goods_state' => GoodsState::Sent->value]);
        // A gap in their numbers, and few in the highest block.
        DB::table('orders')->where('shop_id', $this->shop->id)->whereBetween('number', [6_000, 6_300])->increment('number', 100_000);
        app(AddUpStates::class)();
        $furthest = 0;
        DB::listen(static function (QueryExecuted $query) use (&$furthest): void {
            $furthest = max($furthest, (int) (preg_match('/ offset (\d+)/', $query->sql, $found) === 1 ? $found[1] : 0));
        });

        foreach (['' => 'TRUE', 'state=new' => "goods_state = 'new'", 'money=paid' => "money_state = 'paid'", 'state=new&money=paid' => "goods_state = 'new' AND money_state = 'paid'"] as $filter => $condition) {
            $numbers = DB::table('orders')->where('shop_id', $this->shop->id)->whereRaw($condition)->orderByDesc('number')->pluck('number')->all();
            $last = (int) ceil(count($numbers) / 20);
            foreach ([500, 501, 502, 600, 777, 900, $last - 1, $last, $last + 1] as $page) {
                $this->getJson($this->console("/api/shops/{$this->shop->slug}/orders?{$filter}&page={$page}"))->assertOk()
                    ->assertJsonPath('items.*.number', array_slice($numbers, ($page - 1) * 20, 20))->assertJsonPath('at.total', count($numbers));
            }
        }
        // What comes before the block is not read.
        self::assertLessThan(10_000, $furthest);
        self::assertSame([], StatesCounted::wrong());
    }

    /** @return array<string, int> */
    private function counts(Kind $kind): array
    {
        $counts = StateCounts::of($this->shop, $kind);
        ksort($counts);

        return $counts;
    }
}
