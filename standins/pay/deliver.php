<?php

declare(strict_types=1);

use Standins\Clock;
use Standins\pay\Events;
use Standins\pay\Ledger;

require __DIR__.'/../../vendor/autoload.php';

// Delivers what is due until it is stopped; started beside the provider's pages.
$events = new Events(new Ledger((string) getenv('KITE_STANDIN_PAY_DB')), (string) getenv('KITE_STANDIN_PAY_SECRET'), Clock::ofEnvironment());
for (; ; usleep(500_000)) {
    $events->attemptDue();
}
