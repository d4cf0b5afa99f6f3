<?php

declare(strict_types=1);

// Run by php-fpm once, as it starts (opcache.preload). A class whose parent is not in the list is simply loaded later.
$list = getenv('KITE_PRELOAD_LIST') ?: dirname(__DIR__, 2).'/storage/framework/preload.list';
// What stands in for a package that can't be installed comes first: others implement it.
require_once dirname(__DIR__, 2).'/vendor/psr/clock/src/ClockInterface.php';
require_once dirname(__DIR__, 2).'/compat/ClockInterface.php';
// Functions that the classes of a connection call, each of which is made only where it is not there yet.
foreach ([
    'compat/functions.php', 'vendor/symfony/polyfill-php84/bootstrap.php', 'vendor/laravel/framework/src/Illuminate/Collections/functions.php', 'vendor/laravel/framework/src/Illuminate/Collections/helpers.php',
    'vendor/laravel/framework/src/Illuminate/Support/functions.php', 'vendor/laravel/framework/src/Illuminate/Support/helpers.php',
] as $functions) {
    require_once dirname(__DIR__, 2)."/{$functions}";
}
foreach (is_file($list) ? (array) file($list, FILE_IGNORE_NEW_LINES) : [] as $file) {
    if (is_string($file) && is_file($file)) {
        @opcache_compile_file($file);
    }
}
