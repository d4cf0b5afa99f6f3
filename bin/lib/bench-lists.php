<?php

declare(strict_types=1);

use App\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

// Prints what the console's lists, searches and pages cost, the framework started and the seller signed in.
$kernel = require __DIR__.'/bench-app.php';
$host = getenv('KITE_CONSOLE_HOST');
$person = Person::query()->where('email', 'wren@mosslight.example')->firstOrFail();

$queries = 0;
$inDatabase = 0.0;
DB::listen(static function ($query) use (&$queries, &$inDatabase): void {
    $queries++;
    $inDatabase += $query->time;
});

printf("\n%-44s %10s %10s %10s\n", 'the console, with 10,000 products, 5,000 offers', 'ms of PHP', 'in the db', 'queries');
foreach ([
    'products' => '/products', 'products, searched' => '/products?search=quiet+comb', 'products, page 200' => '/products?page=200',
    'orders' => '/orders', 'orders, searched' => '/orders?search=Shopper+1234', 'orders, page 1000' => '/orders?page=1000', 'offers' => '/offers', 'offers, searched' => '/offers?search=no.+1234', 'offers, page 250' => '/offers?page=250',
] as $name => $path) {
    $runs = $inDatabases = [];
    for ($run = 0; $run < 12; $run++) {
        $queries = 0;
        $inDatabase = 0.0;
        auth()->guard('sanctum')->setUser($person);
        $request = Request::create("http://{$host}/api/shops/mosslight{$path}", server: ['HTTP_ACCEPT' => 'application/json']);
        $started = hrtime(true);
        $answer = $kernel->handle($request);
        $runs[] = (hrtime(true) - $started) / 1e6 - $inDatabase;
        $inDatabases[] = $inDatabase;
        $answer->getStatusCode() === 200 || exit("{$path} answered {$answer->getStatusCode()}.\n");
    }
    sort($runs);
    sort($inDatabases);
    // Beside the list’s own, the framework asks for the shop and the membership, and reads and writes the session.
    printf("%-44s %10.1f %10.1f %10d\n", $name, $runs[6], $inDatabases[6], $queries - 4);
}

// The proof of an offer of five goods, as the desk asks for it at every change.
$products = DB::table('products')->where('sku', 'like', 'grown-%')->limit(5)->pluck('id')->all();
$entry = json_encode([
    'items' => array_map(static fn (mixed $id): array => ['product_id' => $id, 'variant' => '', 'quantity' => '2'], $products), 'destination' => 'pay', 'cart_use' => 'just_this', 'opening' => 'same_tab',
    'ask' => ['is_asked' => false, 'label' => '', 'least' => '1', 'most' => '10'], 'words' => ['idle' => 'Take all five'], 'look_id' => null, 'landing' => '',
], JSON_THROW_ON_ERROR);
$runs = $inDatabases = [];
for ($run = 0; $run < 30; $run++) {
    $queries = 0;
    $inDatabase = 0.0;
    auth()->guard('sanctum')->setUser($person);
    $request = Request::create("http://{$host}/api/shops/mosslight/offers/proof?offer=1", 'POST', server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'], content: $entry);
    $started = hrtime(true);
    $answer = $kernel->handle($request);
    $runs[] = (hrtime(true) - $started) / 1e6 - $inDatabase;
    $inDatabases[] = $inDatabase;
    $answer->getStatusCode() === 200 || exit("The proof answered {$answer->getStatusCode()}.\n");
}
sort($runs);
sort($inDatabases);
printf("%-44s %10.1f %10.1f %10d\n", 'the proof of an offer of 5 goods', $runs[15], $inDatabases[15], $queries - 4);
