<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Deleting\Deletable;
use App\Looks\ReadLooks;
use App\Models\Coupon;
use App\Models\Look;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Product;
use App\Models\Shop;
use App\Payments\SettlePayment;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use PaperKite\Payment\ProviderState;
use PaperKite\Quote\CouponKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\FakeProvider;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** What is deleted is out of sight at once, and can be taken back for thirty days. */
final class DeletingTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    private Product $product;

    private Offer $offer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
        $this->product = $this->product($this->shop, ['name' => 'Heather honey', 'sku' => 'honey-340']);
        $this->offer = $this->offer($this->product);
    }

    protected function tearDown(): void
    {
        CarbonImmutable::setTestNow();
        parent::tearDown();
    }

    #[DataProvider('kinds')]
    public function test_it_is_out_of_every_list_found_by_nobody_and_as_before_once_it_is_taken_back(string $kind): void
    {
        [$id, $name, $lists] = $this->thing($kind);
        // What shows several ways to buy is found by what it shows.
        $kinds = ['product' => 1, 'place' => 4, 'look' => 5, 'price_table' => 6, 'shelf' => 9, 'coupon' => 7];
        $isFound = fn (): bool => in_array(($kinds[$kind] ?? 0)."-{$id}", array_column((array) $this->ask("find?typed={$name}")->json('things'), 'key'), true);
        $seen = fn (): array => [...array_map(fn (string $list): bool => $this->lists($list, $id), $lists), ...(isset($kinds[$kind]) ? [$isFound()] : [])];
        $all = array_fill(0, count($lists) + (isset($kinds[$kind]) ? 1 : 0), true);
        self::assertSame($all, $seen());

        $this->set($kind, $id, true)->assertOk()->assertJsonPath('items.0.kind', $kind)->assertJsonPath('items.0.id', $id)->assertJsonPath('items.0.name', $name);
        $this->set($kind, $id, true)->assertOk()->assertJsonCount(1, 'items');
        self::assertSame(array_map(static fn (bool $was): bool => ! $was, $all), $seen());
        $this->command('search:write')->assertSuccessful();

        $this->set($kind, $id, false)->assertOk()->assertJsonCount(0, 'items');
        $this->set($kind, $id, false)->assertOk();
        self::assertSame($all, $seen());
    }

    #[DataProvider('kinds')]
    public function test_after_thirty_days_it_is_gone_for_good(string $kind): void
    {
        [$id] = $this->thing($kind);
        $this->set($kind, $id, true)->assertOk();

        CarbonImmutable::setTestNow(CarbonImmutable::now()->addDays(Deletable::DAYS)->subMinute());
        $this->ask('deleted')->assertJsonCount(1, 'items');
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinutes(2));
        $this->ask('deleted')->assertJsonCount(0, 'items');
        $this->set($kind, $id, false)->assertUnprocessable()->assertJsonPath('errors.is_deleted.0', 'It was deleted more than 30 days ago, and can’t be taken back any more.');
    }

    #[DataProvider('kinds')]
    public function test_another_shop_deletes_nothing_of_it(string $kind): void
    {
        [$id] = $this->thing($kind);
        $other = $this->shop();
        $this->actingAs($this->person($other));
        $own = $this->shop;
        $this->shop = $other;

        $this->set($kind, $id, true)->assertUnprocessable()->assertJsonPath('errors.is_deleted.0', 'This is no longer there; load the page again.');
        self::assertTrue(Deletable::from($kind)->things($own)->whereKey($id)->whereNull('deleted_at')->exists());
    }

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (Deletable::cases() as $kind) {
            yield $kind->value => [$kind->value];
        }
    }

    public function test_a_products_offers_sell_it_no_longer_and_say_so_and_what_was_for_sale_is_so_again(): void
    {
        $placement = $this->placement($this->offer);
        $this->set('product', $this->product->id, true)->assertOk();

        $this->getJson($this->console("/api/shops/{$this->shop->slug}/offers/{$this->offer->id}"))->assertOk();
        $this->ask('offers')->assertOk()->assertJsonPath('items.0.short.goods', 'Heather honey');
        self::assertStringNotContainsString('Heather honey', (string) $this->shopGet('/')->getContent());
        $this->shopGet('/p/honey-340')->assertNotFound();
        $this->shopGet('/take/honey-340')->assertDontSee('Pay €');
        $this->click($placement)->assertOk()->assertSee('Not for sale just now');
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/offers/{$this->offer->id}/state"), ['state' => 'live'])->assertUnprocessable();

        $this->set('product', $this->product->id, false)->assertOk();
        self::assertFalse($this->product->refresh()->is_draft);
        $this->click($placement)->assertRedirect();
    }

    public function test_what_was_ordered_stays_for_its_orders_and_what_is_on_its_way_to_be_paid_is_sold(): void
    {
        $payment = $this->opened($this->shop, $this->product, 1);
        $this->set('product', $this->product->id, true)->assertOk();
        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));
        self::assertSame(1, $this->shop->orders()->count());
        $number = $this->shop->orders()->firstOrFail()->number;
        $this->ask("orders/{$number}")->assertOk()->assertJsonPath('bill.lines.0.name', 'Heather honey');

        $this->set('product', $this->product->id, false)->assertOk();
        $this->set('product', $this->product->id, true)->assertUnprocessable();
        $this->set('product', $this->product->id, true)->assertJsonPath('errors.is_deleted.0', '“Heather honey” was ordered, and stays for its orders; make it a draft, and no shopper sees it any more.');
    }

    public function test_the_link_of_a_deleted_place_says_at_once_that_it_is_gone_and_its_code_is_given_to_nobody_else(): void
    {
        $placement = $this->placement($this->offer, 'the spring post');
        $other = $this->placement($this->offer, 'the card');
        $this->set('place', $placement->id, true)->assertOk();

        $this->click($placement)->assertGone();
        $this->shopGet("/o/{$placement->code}")->assertGone();
        $this->shopGet("/embed/data?v=1&codes={$placement->code}")->assertDontSee('Buy now');
        $this->click($other)->assertRedirect();
        self::assertTrue(Placement::withDeleted()->where('code', $placement->code)->exists());
        $this->putJson($this->console("/api/shops/{$this->shop->slug}/placements/{$placement->id}"), [])->assertNotFound();

        $this->set('place', $placement->id, false)->assertOk();
        $this->click($placement)->assertRedirect();
    }

    public function test_a_price_table_goes_with_its_columns_and_comes_back_with_them(): void
    {
        [$id] = $this->thing('price_table');
        $columns = Placement::query()->where('price_table_id', $id)->get();
        $this->set('price_table', $id, true)->assertOk()->assertJsonCount(1, 'items');
        $columns->each(fn (Placement $column) => $this->click($column)->assertGone());

        $this->set('price_table', $id, false)->assertOk();
        $this->ask("price-tables/{$id}")->assertJsonCount(2, 'columns');
        $columns->each(fn (Placement $column) => $this->click($column)->assertRedirect());
    }

    public function test_a_deleted_coupon_counts_no_more_and_its_code_stays_taken(): void
    {
        [$id] = $this->thing('coupon');
        $this->set('coupon', $id, true)->assertOk();

        $entry = ['code' => 'MAY', 'kind' => 'percent', 'value' => '5', 'min_spend' => '', 'skus' => [], 'from' => '', 'until' => '', 'most_uses' => '', 'most_uses_each' => ''];
        $this->postJson($this->console("/api/shops/{$this->shop->slug}/coupons"), $entry)->assertUnprocessable()->assertJsonPath('errors.code.0', 'A coupon “MAY” was deleted; take it back, or choose another code.');
        $this->shopGet('/take/honey-340?coupon=MAY&to=cart')->assertRedirect();
        self::assertNull($this->shop->coupons()->where('code', 'MAY')->first());
    }

    public function test_a_look_that_is_worn_stays(): void
    {
        $default = app(ReadLooks::class)($this->shop)->usual()->id;
        $this->set('look', $default, true)->assertUnprocessable()->assertJsonPath('errors.is_deleted.0', 'This look is worn by offers that name none; make another one the default first.');
        [$id] = $this->thing('look');
        $this->offer->update(['look_id' => $id]);

        $this->set('look', $id, true)->assertUnprocessable()->assertJsonPath('errors.is_deleted.0', 'An offer wears this look; give it another one first.');
    }

    /** @return array{int, string, list<string>} its id, its name, and the lists in which it stands */
    private function thing(string $kind): array
    {
        return match ($kind) {
            'product' => [$this->product->id, 'Heather honey', ['products']],
            'place' => [$this->placement($this->offer, 'the spring post')->id, 'the spring post', ["offers/{$this->offer->id}"]],
            'price_table' => [$this->table(), 'Jars', ['price-tables']],
            'shelf' => [$this->shelf(), 'From the hive', ['shelves']],
            'display' => $this->placedTable(),
            'coupon' => [Coupon::query()->create(['shop_id' => $this->shop->id, 'code' => 'MAY', 'kind' => CouponKind::Percent, 'percent' => '10'])->id, 'MAY', ['coupons']],
            'look' => [Look::query()->create(['shop_id' => $this->shop->id, 'name' => 'Storm', 'values' => $this->shop->looks()->firstOrFail()->values])->id, 'Storm', ['looks']],
            default => throw new \LogicException($kind),
        };
    }

    private function shelf(): int
    {
        $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/shelves"), ['name' => 'From the hive', 'density' => 'cards', 'onwards' => 'stay', 'category' => '', 'products' => [$this->product->id]])->assertCreated()->json('id');

        return is_int($id) ? $id : self::fail('It was not made.');
    }

    /** @return array{int, string, list<string>} */
    private function placedTable(): array
    {
        $table = $this->table();
        $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/price-tables/{$table}/places"), ['page' => 'the prices page'])->assertCreated()->json('items.0.id');

        return [is_int($id) ? $id : self::fail('It was not made.'), 'the prices page', ["price-tables/{$table}/places"]];
    }

    private function table(): int
    {
        $id = $this->postJson($this->console("/api/shops/{$this->shop->slug}/price-tables"), self::tableEntry('Jars', [$this->offer->id, $this->offer($this->product($this->shop))->id]))->assertCreated()->json('id');
        self::assertIsInt($id);
        self::assertSame(2, PriceTable::query()->findOrFail($id)->columns()->count());

        return $id;
    }

    private function lists(string $list, int $id): bool
    {
        $answer = $this->ask($list);
        $items = $answer->json(str_starts_with($list, 'offers/') ? 'placements' : 'items');

        return in_array($id, array_column(is_array($items) ? $items : [], 'id'), true);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function set(string $kind, int $id, bool $isDeleted): TestResponse
    {
        return $this->postJson($this->console("/api/shops/{$this->shop->slug}/deleted/{$kind}/{$id}"), ['is_deleted' => $isDeleted]);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function ask(string $path): TestResponse
    {
        return $this->getJson($this->console("/api/shops/{$this->shop->slug}/{$path}"))->assertOk();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function shopGet(string $path): TestResponse
    {
        return parent::get($this->shop->base().$path, ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function click(Placement $placement): TestResponse
    {
        return parent::get($placement->link($this->shop)->url(), ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document']);
    }
}
