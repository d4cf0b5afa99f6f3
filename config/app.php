<?php

declare(strict_types=1);

return [
    'name' => 'Paper Kite',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('KITE_SCHEME', 'https').'://'.env('KITE_CONSOLE_HOST', 'seller.localhost').(env('KITE_PUBLIC_PORT') ? ':'.env('KITE_PUBLIC_PORT') : ''),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'key' => env('APP_KEY'),
];
