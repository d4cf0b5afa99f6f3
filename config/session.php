<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 60 * 12,
    'expire_on_close' => false,
    'encrypt' => false,
    'table' => 'sessions',
    'lottery' => [2, 100],
    'cookie' => 'kite_console',
    'path' => '/',
    'domain' => null,
    'secure' => env('KITE_SCHEME', 'https') === 'https',
    'http_only' => true,
    'same_site' => 'lax',
];
