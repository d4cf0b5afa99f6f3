<?php

declare(strict_types=1);

use Standins\Answer;
use Standins\Clock;
use Standins\market\Market;
use Standins\market\Site;
use Standins\Request;

require __DIR__.'/../../../vendor/autoload.php';

$request = Request::fromGlobals();
$market = Market::at($request->host);

($market === null ? Answer::page('', 404) : (new Site($market, Clock::ofEnvironment()->ahead()))->answer($request))->send();
