<?php

declare(strict_types=1);

use Standins\Clock;
use Standins\pay\Api;
use Standins\pay\Events;
use Standins\pay\Ledger;
use Standins\pay\MoodPage;
use Standins\pay\Page;
use Standins\Request;

require __DIR__.'/../../../vendor/autoload.php';

$request = Request::fromGlobals();
$ledger = new Ledger((string) getenv('KITE_STANDIN_PAY_DB'));
header('Referrer-Policy: no-referrer');

($request->path === MoodPage::PATH ? (new MoodPage($ledger))->answer($request) : (str_starts_with($request->path, '/api/')
    ? (new Api($ledger, (string) getenv('KITE_STANDIN_PAY_KEY'), (string) getenv('KITE_STANDIN_PAY_ORIGIN')))->answer($request)
    : (new Page($ledger, new Events($ledger, (string) getenv('KITE_STANDIN_PAY_SECRET'), Clock::ofEnvironment())))->answer($request)
))->send();
