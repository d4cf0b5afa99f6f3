<?php

declare(strict_types=1);

namespace Tests\Served;

use App\Finding\AddUpStates;
use App\Finding\Kind;
use App\Models\Checkout;
use App\Models\CheckoutState;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\StockMovement;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use PDO;
use Tests\Support\SaleStorm;

/** Sixteen buyers at once on one product, while its seller saves it, the rules and the addresses. */
final class SaleStormTest extends ServedTestCase
{
    private const BUYERS = 16;

    private const SECONDS = 10.0;

    private const COPIED_OFFERS = 200;

    private const STOCK = 100_000;

    /** In so many purchases, from the click to the thanks, nobody waits for one answer, however slow the machine. */
    private const LONGEST_IN_PURCHASES = 2;

    public function test_nobody_is_refused_and_every_order_is_exact(): void
    {
        $product = $this->product($this->shop, ['stock' => self::STOCK]);
        $link = $this->placement($this->offer($product))->link($this->shop)->url();
        $this->copiedOffers($product->id);
        $timeouts = self::lockTimeouts();

        $storm = new SaleStorm($link, 'http://seller.localhost:'.config()->string('kite.port'), $this->shop->slug, $product->id);
        // What was counted is added up again and again beside the buyers.
        $adding = Process::env(['DB_DATABASE' => (string) getenv('KITE_SERVED_DATABASE')])->start(['bash', '-c', 'while php artisan states:add-up; do sleep 0.2; done']);
        $began = microtime(true);
        $storm->blow(self::BUYERS, self::SECONDS, ['email' => $this->person->email, 'password' => self::PASSWORD]);
        $aPurchase = (microtime(true) - $began) * self::BUYERS / max(1, $storm->thanked);
        self::assertTrue($adding->running(), $adding->errorOutput());
        $adding->signal(SIGTERM);
        $seen = json_encode($storm->answers, JSON_PRETTY_PRINT);

        self::assertSame([], $storm->failures, (string) $seen);
        self::assertLessThan(self::LONGEST_IN_PURCHASES * $aPurchase, $storm->longest, "The longest was “{$storm->longestWas}”.");
        self::assertSame(0, self::lockTimeouts() - $timeouts);
        self::assertGreaterThan(self::BUYERS, $storm->thanked);
        self::assertGreaterThan(3, $storm->saves);
        $this->waitUntil(fn (): bool => Payment::query()->where('shop_id', $this->shop->id)->where('state', PaymentState::Open)->whereNotNull('provider_id')->doesntExist()
            && Order::query()->where('shop_id', $this->shop->id)->whereNull('captured_at')->doesntExist());
        $this->assertExact($product->id, $storm->thanked);
        app(AddUpStates::class)();
        self::assertLessThanOrEqual(100, DB::table('state_counts')->where(['shop_id' => $this->shop->id, 'kind' => Kind::Order->value])->count());
    }

    private function assertExact(int $productId, int $thanked): void
    {
        $orders = Order::query()->where('shop_id', $this->shop->id)->orderBy('number')->pluck('number')->all();
        $pieces = OrderLine::query()->whereIn('order_id', Order::query()->where('shop_id', $this->shop->id)->select('id'))->get()->sum(static fn (OrderLine $line): int => $line->quantity);

        self::assertGreaterThanOrEqual($thanked, count($orders));
        self::assertSame(range(1001, 1000 + count($orders)), $orders);
        self::assertSame([self::STOCK - $pieces, -$pieces], [DB::table('products')->where('id', $productId)->value('stock'), StockMovement::query()->where('product_id', $productId)->get()->sum(static fn (StockMovement $movement): int => $movement->pieces)]);
        self::assertSame(count($orders), Checkout::query()->where(['shop_id' => $this->shop->id, 'state' => CheckoutState::Ordered])->count());
    }

    private function copiedOffers(int $productId): void
    {
        foreach (range(1, self::COPIED_OFFERS) as $number) {
            $offer = $this->shop->offers()->create(['destination' => 'pay', 'cart_use' => 'just_this', 'state' => 'live', 'caption' => "Jar {$number}"]);
            $offer->lines()->create(['shop_id' => $this->shop->id, 'position' => 0, 'product_id' => $productId, 'quantity' => 1]);
            $this->placement($offer, "page {$number}", ['copied' => hash('sha256', "{$number}"), 'copied_at' => now()]);
        }
    }

    private static function lockTimeouts(): int
    {
        $asked = self::administrator()->query("SELECT COUNT FROM information_schema.INNODB_METRICS WHERE NAME = 'lock_timeouts'");
        $counted = $asked === false ? null : $asked->fetch(PDO::FETCH_COLUMN);

        return is_numeric($counted) ? (int) $counted : self::fail('The database does not count its lock timeouts.');
    }
}
