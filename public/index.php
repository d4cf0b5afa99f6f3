<?php

declare(strict_types=1);

use App\HotLane\HotLane;
use App\HotLane\Reply;
use Illuminate\Http\Request;

// A link that only leads on is answered by classes that php-fpm has preloaded: to begin as usual would take longer than the answer.
if (strncasecmp($_SERVER['REQUEST_URI'] ?? '', '/k/', 3) === 0 && class_exists(HotLane::class, false)) {
    $answer = HotLane::answer($_SERVER, $_COOKIE);
    if ($answer !== null) {
        Reply::send($answer);

        return;
    }
}

define('LARAVEL_START', microtime(true));

require __DIR__.'/../vendor/autoload.php';

$app = require __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
