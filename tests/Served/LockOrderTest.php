<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Carts\CartContents;
use App\Carts\EditCart;
use App\Carts\ReckonCart;
use App\Catalogue\SaveVariants;
use App\Checkout\OpenPayment;
use App\Models\Cart;
use App\Models\Payment;
use App\Models\Product;
use App\Orders\WriteOrder;
use App\Payments\PaymentProvider;
use App\Payments\SettlePayment;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Events\TransactionCommitting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;
use PaperKite\Checkout\CartDigest;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Payment\ProviderState;
use PaperKite\Quote\CouponKind;
use PDO;
use Tests\Support\FakeProvider;
use Tests\Support\OpensPayments;

/**
 * Whoever locks several rows locks them in one order, so that nobody waits for somebody who waits for them. Read from
 * what the database itself says of its locks, at the end of every transaction of the trip.
 *
 * @see https://mariadb.com/kb/en/innodb-system-variables/#innodb_status_output_locks
 */
final class LockOrderTest extends ServedTestCase
{
    use OpensPayments;

    private const ORDER = ['carts', 'checkouts', 'payments', 'products', 'variants', 'coupons', 'shop_series'];

    private PDO $administrator;

    protected function setUp(): void
    {
        parent::setUp();
        $this->app?->instance(PaymentProvider::class, new FakeProvider);
        $this->administrator = self::administrator();
        $this->administrator->exec('SET GLOBAL innodb_status_output_locks = ON');
    }

    protected function tearDown(): void
    {
        $this->administrator->exec('SET GLOBAL innodb_status_output_locks = OFF');
        parent::tearDown();
    }

    public function test_an_order_locks_cart_payment_goods_coupon_and_number(): void
    {
        $this->shop->coupons()->create(['code' => 'MAY', 'kind' => CouponKind::Amount, 'amount_minor' => 100]);
        $wrap = $this->variedProduct();
        $honey = $this->product($this->shop, ['stock' => 9]);
        $payments = [
            $this->opened($this->shop, $wrap, 1, $wrap->variants()->firstOrFail(), 'MAY'),
            // The database prints ten locks of a transaction: without variant and coupon the goods are among them.
            $this->opened($this->shop, $honey, 1),
        ];
        $settle = static fn (Payment $payment): Closure => static fn () => app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));
        // What comes last is seen where nothing comes before.
        $write = fn (?string $coupon): Closure => function () use ($honey, $coupon): void {
            $checkout = $this->opened($this->shop, $honey, 1, coupon: $coupon)->checkout;
            DB::transaction(static fn () => app(WriteOrder::class)($checkout));
        };

        $seen = [];
        foreach ([...array_map($settle, $payments), $write('MAY'), $write(null)] as $work) {
            $locked = $this->locksOf($work);
            self::assertCount(1, $locked);
            $ranked = array_values(array_intersect($locked[0], self::ORDER));
            self::assertSame(array_values(array_intersect(self::ORDER, $ranked)), $ranked);
            self::assertNotContains('shops', $locked[0]);
            array_push($seen, ...$ranked);
        }
        self::assertSame([], array_diff(self::ORDER, $seen));
    }

    public function test_what_was_added_while_the_order_waited_for_the_cart_stays_in_it(): void
    {
        $payment = $this->opened($this->shop, $this->product($this->shop, ['stock' => 9]), 1);
        $other = app(DatabaseManager::class)->connectUsing('other', config()->array('database.connections.'.config()->string('database.default')));
        $isAdded = false;
        app(Connection::class)->beforeExecuting(static function (string $sql) use ($other, $payment, &$isAdded): void {
            if (! $isAdded && str_contains($sql, 'from `carts`') && str_contains($sql, 'for update')) {
                $isAdded = true;
                $other->table('cart_lines')->where('cart_id', $payment->checkout->cart_id)->update(['quantity' => 3]);
            }
        });

        app(SettlePayment::class)($payment, FakeProvider::statement($payment, ProviderState::Authorised));

        self::assertTrue($isAdded);
        self::assertSame([2], DB::table('cart_lines')->where('cart_id', $payment->checkout->cart_id)->pluck('quantity')->all());
    }

    public function test_shoppers_lock_no_shop_and_no_goods_before_they_have_paid(): void
    {
        $product = $this->variedProduct();
        $link = $this->placement($this->offer($this->product($this->shop, ['stock' => 3])))->link($this->shop)->url();
        $clicked = $this->locksOf(fn () => $this->get($link, ['Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'])->assertStatus(303));
        $cart = Cart::query()->where('shop_id', $this->shop->id)->with('lines')->sole();
        $line = $cart->lines->sole();
        $edited = $this->locksOf(fn () => app(EditCart::class)($cart, [$line->id => '2'], null));
        $opened = $this->locksOf(fn () => $this->open($cart->refresh()));

        foreach ([...$clicked, ...$edited, ...$opened] as $tables) {
            self::assertSame([], array_diff($tables, ['carts', 'cart_lines', 'checkouts', 'payments']));
        }
        self::assertNotSame([], $edited);
        self::assertSame(1, Payment::query()->whereRelation('checkout', 'cart_id', $cart->id)->count());
        self::assertSame(2, $product->variants()->count());
    }

    public function test_a_seller_who_saves_locks_goods_by_id_and_no_shop(): void
    {
        $first = $this->variedProduct();
        $second = $this->product($this->shop);
        $third = $this->product($this->shop);
        $entry = ['name' => 'Second', 'sku' => $second->sku, 'price' => '9.80', 'picture' => 'honey-jar', 'add_ons' => [$third->id, $first->id]];

        $locked = $this->actingAs($this->person)->locksOf(fn () => $this->putJson("http://seller.localhost/api/shops/{$this->shop->slug}/products/{$second->id}", $entry)->assertOk());

        self::assertCount(1, $locked);
        self::assertSame('products', $locked[0][0]);
        self::assertNotContains('shops', $locked[0]);
    }

    private function open(Cart $cart): void
    {
        $receipt = app(ReckonCart::class)($this->shop, CartContents::of($cart), 'IE')->receipt ?? self::fail('The cart can’t be reckoned.');
        app(OpenPayment::class)($this->shop, $cart, new ShopperDetails('ada@letters.example', 'Ada', '1 Row', '', 'Tarn', 'IE'), CartDigest::of($receipt));
    }

    private function variedProduct(): Product
    {
        $known = $this->shop->products()->where('sku', 'wrap')->first();
        if ($known !== null) {
            return $known;
        }
        $wrap = $this->product($this->shop, ['sku' => 'wrap', 'has_variants' => true, 'options' => [new Option('Size', [new Choice('Small'), new Choice('Large')])]]);
        foreach (['Small', 'Large'] as $position => $size) {
            $wrap->variants()->create(['shop_id' => $this->shop->id, 'position' => $position, 'sku' => "wrap-{$size}", 'choices' => [$size], 'choices_digest' => SaveVariants::digest([$size]), 'stock' => 3]);
        }

        return $wrap;
    }

    /**
     * @param  Closure(): mixed  $work
     * @return list<list<string>> of each transaction that the work commits, the tables of which it locks rows, in the order of their first lock
     */
    private function locksOf(Closure $work): array
    {
        $locked = [];
        Event::listen(function (TransactionCommitting $committing) use (&$locked): void {
            $id = $committing->connection->selectOne('SELECT CONNECTION_ID() AS id');
            $locked[] = $this->tablesLockedBy(is_object($id) && isset($id->id) && is_int($id->id) ? $id->id : 0);
        });
        $work();
        Event::forget(TransactionCommitting::class);

        return array_values(array_filter($locked, static fn (array $tables): bool => $tables !== []));
    }

    /** @return list<string> */
    private function tablesLockedBy(int $connection): array
    {
        $asked = $this->administrator->query('SHOW ENGINE INNODB STATUS');
        $status = $asked === false ? [] : $asked->fetch(PDO::FETCH_ASSOC);
        $text = is_array($status) && is_string($status['Status'] ?? null) ? $status['Status'] : '';
        foreach (explode('---TRANSACTION', $text) as $transaction) {
            if (preg_match("/MariaDB thread id {$connection},/", $transaction) === 1) {
                preg_match_all('/^RECORD LOCKS .*? of table `[^`]+`\.`([^`]+)` .*?lock(?:_| )mode X/m', $transaction, $found);

                return array_values(array_unique($found[1]));
            }
        }

        return [];
    }
}
