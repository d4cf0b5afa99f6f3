<?php

declare(strict_types=1);

// Sixteen buyers at once on one product of 200 copied offers, while its seller saves it, the rules and the addresses
// every second: what they were answered, how long the longest of them waited, and whether the orders are exact.
//
//   php bin/lib/bench-storm.php SECONDS

use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Person;
use App\Models\Shop;
use App\Offers\FreshCode;
use App\Offers\PlaceOffer;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Tests\Support\SaleStorm;

$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";
(require "{$root}/bootstrap/app.php")->make(Kernel::class)->bootstrap();

const BUYERS = 16;
const STOCK = 900_000;
$seconds = (float) ($argv[1] ?? 60);

$shop = Shop::query()->where('slug', 'mosslight')->firstOrFail();
$product = $shop->products()->create(['sku' => 'storm', 'name' => 'Storm honey', 'price_minor' => 980, 'currency' => $shop->currency, 'picture' => 'honey-jar', 'stock' => STOCK])->refresh();
$person = Person::query()->create(['name' => 'Storm', 'email' => 'storm@mosslight.example', 'password' => 'a long enough password']);
$person->shops()->attach($shop->id, ['role' => 'owner']);
$placements = [];
foreach (range(1, 200) as $number) {
    $offer = $shop->offers()->create(['destination' => 'pay', 'cart_use' => 'just_this', 'state' => 'live', 'caption' => "Jar {$number}"])->refresh();
    $offer->lines()->create(['shop_id' => $shop->id, 'position' => 0, 'product_id' => $product->id, 'quantity' => 1]);
    $placements[] = (new PlaceOffer(new FreshCode))($offer, ['page' => "page {$number}", 'medium' => 'html', 'copied' => hash('sha256', "{$number}"), 'copied_at' => now()]);
}

$flushes = [];
for ($i = 0; $i < 100; $i++) {
    $file = fopen(getenv('KITE_BENCH_RUN').'/flush', 'c') ?: throw new RuntimeException('The folder of the run can’t be written.');
    fwrite($file, random_bytes(4096));
    $began = hrtime(true);
    fsync($file);
    $flushes[] = (hrtime(true) - $began) / 1e6;
    fclose($file);
}
sort($flushes);

$pdo = new PDO('mysql:unix_socket='.getenv('KITE_DB_SOCKET'), 'root');
$counts = static fn (): array => $pdo->query("SELECT NAME, COUNT FROM information_schema.INNODB_METRICS WHERE NAME IN ('lock_timeouts', 'lock_deadlocks')")->fetchAll(PDO::FETCH_KEY_PAIR);
$before = $counts();
$storm = new SaleStorm($placements[0]->link($shop)->url(), 'http://seller.localhost:'.config('kite.port'), $shop->slug, $product->id);
$storm->blow(BUYERS, $seconds, ['email' => $person->email, 'password' => 'a long enough password']);
$after = $counts();

// What is on its way to an order, or to the provider, comes to its end.
for ($i = 0; $i < 600; $i++) {
    $waiting = Order::query()->where('shop_id', $shop->id)->whereNull('captured_at')->count();
    if ($waiting === 0) {
        break;
    }
    usleep(100_000);
}
$orders = OrderLine::query()->where('product_id', $product->id)->count();
$pieces = (int) OrderLine::query()->where('product_id', $product->id)->sum('quantity');
$numbers = Order::query()->where('shop_id', $shop->id)->orderBy('number')->pluck('number');

printf("\n%d buyers at once for %.0f s, on a product of 200 copied offers that its seller saves\n", BUYERS, $seconds);
printf("    purchases %d, orders %d, captured %d; stock exact: %s; numbers without a gap: %s\n",
    $storm->thanked, $orders, $orders - $waiting, STOCK - $pieces === (int) DB::table('products')->where('id', $product->id)->value('stock') ? 'yes' : 'NO',
    $numbers->count() === $numbers->last() - $numbers->first() + 1 ? 'yes' : 'NO');
printf("    payments without an order: %d\n", Payment::query()->where('shop_id', $shop->id)->whereIn('state', [PaymentState::Authorised, PaymentState::Captured])->doesntHave('checkout.order')->count());
printf("    saves %d; requests %d, of which 5xx or none at all: %d\n", $storm->saves, array_sum($storm->answers), count($storm->failures));
foreach (array_slice($storm->failures, 0, 5) as $failure) {
    echo "      {$failure}\n";
}
printf("    longest wait %.2f s (%s); median of 100 flushes %.1f ms, the longest %.1f ms\n", $storm->longest, $storm->longestWas, $flushes[50], $flushes[99]);
printf("    deadlocks that were tried again: %d; lock waits that timed out: %d\n", $after['lock_deadlocks'] - $before['lock_deadlocks'], $after['lock_timeouts'] - $before['lock_timeouts']);

// The rows that follow find the demo by its own name.
$shop->refresh()->update(['slug' => 'mosslight', 'checkout_slug' => 'checkout']);
