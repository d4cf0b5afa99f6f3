<?php

declare(strict_types=1);

use App\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

// Prints what the console's lists, searches and pages cost, the framework started and the seller signed in.
//
//   php bin/lib/bench-lists.php [name of a row ...]     all of them, by default
$kernel = require __DIR__.'/bench-app.php';
$host = getenv('KITE_CONSOLE_HOST');
$person = Person::query()->where('email', 'wren@mosslight.example')->firstOrFail();

$queries = 0;
$inDatabase = 0.0;
DB::listen(static function ($query) use (&$queries, &$inDatabase): void {
    $queries++;
    $inDatabase += $query->time;
});

// Of twenty to a page, less what is not in the list.
$last = static fn (string $things): int => max(1, intdiv(DB::table($things)->where('shop_id', 1)->count(), 20) - 2);

printf("\n%-44s %10s %10s %10s\n", sprintf('%s products, %s offers, %s orders', ...array_map(static fn (string $things): string => number_format(DB::table($things)->count()), ['products', 'offers', 'orders'])), 'ms of PHP', 'in the db', 'queries');
foreach ([
    'products' => '/products', 'products, searched by two words' => '/products?search=quiet+comb', 'products, by a word' => '/products?search=quiet', 'products, by a letter that all have' => '/products?search=g', 'products, by a SKU' => '/products?search=honey-340', 'products, page 200' => '/products?page=200', 'products, last page' => "/products?page={$last('products')}", 'products, by change, last page' => "/products?sort=changed&page={$last('products')}", 'products, in a state, last page' => "/products?state=for_sale&page={$last('products')}", 'products, counted by state' => '/products/states', 'products, found and counted by state' => '/products/states?search=comb',
    'orders' => '/orders', 'orders, by a name and a number' => '/orders?search=Shopper+1234', 'orders, by a word that all have' => '/orders?search=honey', 'orders, by two words that all have' => '/orders?search=honey+new', 'orders, by two words that none has both of' => '/orders?search=quiet+amber', 'orders, by a number' => '/orders?search=1042', 'orders, page 1000' => '/orders?page=1000', 'orders, in the middle' => '/orders?page='.max(1, intdiv($last('orders'), 2)), 'orders, last page' => "/orders?page={$last('orders')}", 'orders, in two states, in the middle' => '/orders?state=new&money=paid&page='.max(1, intdiv($last('orders'), 2)), 'orders, in two states, last page' => "/orders?state=new&money=paid&page={$last('orders')}",
    'offers' => '/offers', 'offers, searched by two words' => '/offers?search=no.+1234', 'offers, by a letter that all have' => '/offers?search=o', 'offers, page 250' => '/offers?page=250', 'offers, by clicks' => '/offers?sort=clicks', 'offers, last page' => "/offers?page={$last('offers')}", 'offers, by clicks, last page' => "/offers?sort=clicks&page={$last('offers')}", 'offers, by name' => '/offers?sort=name', 'offers, by name, in the middle' => '/offers?sort=name&page='.max(1, intdiv($last('offers'), 2)), 'offers, by name, last page' => "/offers?sort=name&page={$last('offers')}", 'offers, in a state' => '/offers?state=live', 'offers, counted by state' => '/offers/states', 'offers, found and counted by state' => '/offers/states?search=comb',
    'price tables' => '/price-tables?search=honey', 'outdated copies' => '/copies?search=honey', 'coupons' => '/coupons?search=may', 'looks' => '/looks?search=silk',
    'the command box, a word that all have' => '/find?typed=honey', 'the command box, two such words' => '/find?typed=honey+h', 'the command box, a SKU' => '/find?typed=honey-340', 'the command box, a name' => '/find?typed=wild+shopper', 'the command box, a pasted link' => '/find?typed=http%3A%2F%2Fmosslight.localhost%2Fp%2Fhoney-340',
] as $name => $path) {
    if ($argc > 1 && ! in_array($name, $argv, true)) {
        continue;
    }
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

if ($argc > 1) {
    exit;
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
