<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\GrownShop;
use App\Demo\MosslightGoods;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The console's lists stay short of questions to the database, however much is in the shop. */
final class ConsoleListsTest extends TestCase
{
    /** Beside a list's own five, the framework asks for the shop and for the membership. */
    private const MOST_QUERIES = 5 + 2;

    private Shop $shop;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->actingAs($this->person($this->shop));
        app(MosslightGoods::class)->load($this->shop);
        app(GrownShop::class)->products($this->shop, 60);
        app(GrownShop::class)->orders($this->shop, 60);
        $this->command('search:write')->assertSuccessful();
    }

    #[DataProvider('lists')]
    public function test_a_list_asks_the_database_five_times_at_most(string $path, int $total, int $items): void
    {
        $queries = 0;
        DB::listen(static function () use (&$queries): void {
            $queries++;
        });

        $this->getJson($this->console("/api/shops/{$this->shop->slug}{$path}"))->assertOk()->assertJsonPath('at.total', $total)->assertJsonCount($items, 'items');
        self::assertLessThanOrEqual(self::MOST_QUERIES, $queries);
    }

    /** @return iterable<string, array{string, int, int}> */
    public static function lists(): iterable
    {
        yield 'products' => ['/products', 70, 20];
        yield 'their last page' => ['/products?page=4', 70, 10];
        yield 'products by a category' => ['/products?search=From+beeswax', 2, 2];
        yield 'products by a variant’s SKU' => ['/products?search=wrap-m-fox', 1, 1];
        yield 'orders' => ['/orders', 60, 20];
        yield 'an order by its number' => ['/orders?search=1042', 1, 1];
        yield 'orders by what was sold' => ['/orders?search=honey-340', 60, 20];
        yield 'beyond the last page' => ['/orders?page=9', 60, 0];
    }

    public function test_a_shop_grows_the_same_every_time(): void
    {
        $other = $this->shop();
        app(GrownShop::class)->products($other, 60);
        $names = static fn (Shop $shop): array => $shop->products()->where('sku', 'like', 'grown-%')->orderBy('id')->pluck('name')->all();

        self::assertSame($names($this->shop), $names($other));
    }
}
