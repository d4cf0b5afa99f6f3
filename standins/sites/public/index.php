<?php

declare(strict_types=1);

use Standins\Request;
use Standins\sites\Site;

require __DIR__.'/../../../vendor/autoload.php';

(new Site((string) getenv('KITE_STANDIN_BLOG_NOTES')))->answer(Request::fromGlobals())->send();
