<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Changes\Changed;
use App\Changes\Marks;
use App\Database\InTransaction;
use App\Fulfilment\PutBack;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Tests\Support\TakesOrders;
use Tests\TestCase;

/** The key of what is kept of a shop outside the database: another one after each change that stands, and after no other. */
final class RevisionTest extends TestCase
{
    use TakesOrders;

    private Shop $shop;

    private Product $product;

    protected function setUp(): void
    {
        parent::setUp();
        $this->shop = $this->shop();
        $this->product = $this->product($this->shop);
    }

    public function test_each_change_of_a_shop_counts_with_it(): void
    {
        $other = $this->shop();
        $changed = app(Changed::class);
        $seen = [];
        foreach ([
            fn () => $changed->product($this->product),
            fn () => $changed->offer($this->offer($this->product)),
            fn () => $changed->look($this->shop->looks()->firstOrFail()),
            fn () => $changed->shop($this->shop),
        ] as $change) {
            app(InTransaction::class)(function () use ($change, &$seen): void {
                $change();
                $seen[] = $this->revision($this->shop);
            });
            $seen[] = $this->revision($this->shop);
        }

        self::assertSame([1, 1, 2, 2, 3, 3, 4, 4], $seen);
        self::assertNull($this->revision($other));
    }

    public function test_what_is_taken_back_counts_not(): void
    {
        try {
            app(InTransaction::class)(function (): void {
                app(Changed::class)->product($this->product);
                throw new RuntimeException('No.');
            });
        } catch (RuntimeException) {
            self::assertNull($this->revision($this->shop));
        }
        self::assertSame(0, DB::table('rechecks')->where('shop_id', $this->shop->id)->count());
    }

    public function test_an_order_that_takes_off_the_shelf_counts_once_it_is_written(): void
    {
        $counted = $this->product($this->shop, ['sku' => 'counted', 'stock' => 2]);
        $order = $this->paid($this->shop, $counted, 1);
        $seen = [$this->revision($this->shop)];
        // What is not counted can be had as before.
        $this->paid($this->shop, $this->product($this->shop, ['sku' => 'uncounted', 'stock' => null]), 1);
        $seen[] = $this->revision($this->shop);

        app(InTransaction::class)(fn () => app(PutBack::class)($order->load('lines'), [$order->lines->firstOrFail()->id => 1], 0));
        $seen[] = $this->revision($this->shop);

        self::assertSame([1, 1, 2], $seen);
    }

    public function test_what_stands_is_marked_on_this_machine_and_what_is_taken_back_is_not(): void
    {
        $marks = app(Marks::class);
        $seen = fn (): array => [$marks->of($this->shop->id), $marks->ofAll()];
        $before = $seen();
        app(InTransaction::class)(function () use ($seen, $before): void {
            app(Changed::class)->product($this->product);
            self::assertSame($before, $seen());
        });
        self::assertSame([$before[0] + 1, $before[1] + 1], $after = $seen());
        try {
            app(InTransaction::class)(function (): void {
                app(Changed::class)->product($this->product);
                throw new RuntimeException('No.');
            });
        } catch (RuntimeException) {
            self::assertSame($after, $seen());
        }
        $marks->set($this->shop()->id);
        self::assertSame([$after[0]], [$marks->of($this->shop->id)]);
        self::assertSame(0o666, fileperms("{$this->spool()}/{$this->shop->id}.changed") & 0o777, 'Commands and servers are different users.');
    }

    private function revision(Shop $shop): mixed
    {
        return DB::table('shop_revisions')->where('shop_id', $shop->id)->value('revision');
    }
}
