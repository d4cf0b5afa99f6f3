<?php

declare(strict_types=1);

use App\Models\Order;
use App\Models\Person;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Http\Request;

// Prints how long an address that is known and one that is not take to be answered: the two of each pair are alike.
$kernel = require __DIR__.'/bench-app.php';
// The limits would answer first.
config(['cache.default' => 'array']);
$console = 'http://'.getenv('KITE_CONSOLE_HOST').'/api/sign-in';
$order = Order::query()->with('shop')->firstOrFail();
$account = "{$order->shop->base()}/account";

$median = static function (string $address, string $email, int $expected) use ($kernel): float {
    $runs = [];
    for ($run = 0; $run < 40; $run++) {
        app(Repository::class)->clear();
        $request = Request::create($address, 'POST', ['email' => $email, 'password' => 'not the password'], server: ['HTTP_ACCEPT' => str_contains($address, '/api/') ? 'application/json' : 'text/html']);
        $started = hrtime(true);
        $status = $kernel->handle($request)->getStatusCode();
        $runs[] = (hrtime(true) - $started) / 1e6;
        $status === $expected || exit("{$address} answered {$status}.\n");
    }
    sort($runs);

    return $runs[20];
};

printf("\n%-44s %10s %10s\n", 'ms to the answer, median of 40', 'known', 'unknown');
foreach ([
    ['a wrong password', $console, Person::query()->firstOrFail()->email, 'nobody@letters.example', 422],
    ['a link to the account is asked for', $account, $order->email, 'nobody@letters.example', 303],
] as [$name, $address, $known, $unknown, $expected]) {
    printf("%-44s %10.1f %10.1f\n", $name, $median($address, $known, $expected), $median($address, $unknown, $expected));
}
