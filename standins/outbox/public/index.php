<?php

declare(strict_types=1);

use Standins\outbox\Site;
use Standins\Request;

require __DIR__.'/../../../vendor/autoload.php';

(new Site((string) getenv('KITE_STANDIN_OUTBOX')))->answer(Request::fromGlobals())->send();
