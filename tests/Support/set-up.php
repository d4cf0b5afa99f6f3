<?php

declare(strict_types=1);

use App\People\SetUp;
use App\People\SetUpRefused;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;

// Sets an installation up in a process of its own, and says what became of it: `php set-up.php WORD NUMBER`.
require dirname(__DIR__, 2).'/vendor/autoload.php';
$application = require dirname(__DIR__, 2).'/bootstrap/app.php';
if (! $application instanceof Application) {
    throw new LogicException('The application can’t be started.');
}
$application->make(Kernel::class)->bootstrap();
/** @var list<string> $argv */
$number = $argv[2] ?? '0';
try {
    app(SetUp::class)($argv[1] ?? '', "Person {$number}", "person{$number}@fern.example", 'four words in a row', ['name' => 'Fern', 'slug' => "fern-{$number}", 'host' => "fern{$number}.example", 'currency' => 'EUR', 'home_country' => 'IE']);
    echo 'made';
} catch (SetUpRefused $refused) {
    echo match (true) {
        $refused->isOver => 'over',
        $refused->isClosed => 'closed',
        default => 'wrong',
    };
}
