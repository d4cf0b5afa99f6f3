<?php

declare(strict_types=1);

// Run by php-fpm once, as it starts (opcache.preload). A class whose parent is not in the list is simply loaded later.
$list = getenv('KITE_PRELOAD_LIST') ?: dirname(__DIR__, 2).'/storage/framework/preload.list';
// What stands in for a package that can't be installed comes first: others implement it.
require_once dirname(__DIR__, 2).'/vendor/psr/clock/src/ClockInterface.php';
require_once dirname(__DIR__, 2).'/compat/ClockInterface.php';
foreach (is_file($list) ? (array) file($list, FILE_IGNORE_NEW_LINES) : [] as $file) {
    if (is_string($file) && is_file($file)) {
        @opcache_compile_file($file);
    }
}
