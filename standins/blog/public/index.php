<?php

declare(strict_types=1);

use Standins\blog\Site;
use Standins\Request;

require __DIR__.'/../../../vendor/autoload.php';

(new Site((string) getenv('KITE_STANDIN_BLOG_NOTES'), (string) getenv('KITE_DEMO_BUTTON_FILE')))->answer(Request::fromGlobals())->send();
