<?php

declare(strict_types=1);

use App\Models\Person;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

// Prints what the console's lists, searches and pages cost, the framework started and the seller signed in.
$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";
$kernel = (require "{$root}/bootstrap/app.php")->make(Kernel::class);
$host = getenv('KITE_CONSOLE_HOST');
$kernel->handle(Request::create("http://{$host}/api/me"));
$person = Person::query()->where('email', 'wren@mosslight.example')->firstOrFail();

$queries = 0;
$inDatabase = 0.0;
DB::listen(static function ($query) use (&$queries, &$inDatabase): void {
    $queries++;
    $inDatabase += $query->time;
});

printf("\n%-44s %10s %10s %10s\n", 'the console, with 10,000 products, 50,000 orders', 'ms of PHP', 'in the db', 'queries');
foreach ([
    'products' => '/products', 'products, searched' => '/products?search=quiet+comb', 'products, page 200' => '/products?page=200',
    'orders' => '/orders', 'orders, searched' => '/orders?search=Shopper+1234', 'orders, page 1000' => '/orders?page=1000', 'offers' => '/offers',
] as $name => $path) {
    $runs = [];
    for ($run = 0; $run < 12; $run++) {
        $queries = 0;
        $inDatabase = 0.0;
        auth()->guard('sanctum')->setUser($person);
        $request = Request::create("http://{$host}/api/shops/mosslight{$path}", server: ['HTTP_ACCEPT' => 'application/json']);
        $started = hrtime(true);
        $answer = $kernel->handle($request);
        $runs[] = (hrtime(true) - $started) / 1e6 - $inDatabase;
        $answer->getStatusCode() === 200 || exit("{$path} answered {$answer->getStatusCode()}.\n");
    }
    sort($runs);
    // Beside the list’s own, the framework asks for the shop and the membership, and reads and writes the session.
    printf("%-44s %10.1f %10.1f %10d\n", $name, $runs[6], $inDatabase, $queries - 4);
}
