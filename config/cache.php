<?php

declare(strict_types=1);

return [
    // Shared by the workers of one machine, never written to a disk: it holds what may be forgotten at any moment.
    'default' => env('CACHE_STORE', 'apc'),
    'stores' => [
        'apc' => ['driver' => 'apc'],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'kite-'.env('KITE_PUBLIC_PORT', '443').'-',
];
