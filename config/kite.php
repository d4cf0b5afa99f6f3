<?php

declare(strict_types=1);

return [
    // Where the installation answers. Links are made from these, never from what a request says of itself.
    'scheme' => env('KITE_SCHEME', 'https'),
    'port' => env('KITE_PUBLIC_PORT'),
    'console_host' => env('KITE_CONSOLE_HOST', 'seller.localhost'),

    'hosts' => [
        // Right below these, sellers choose their shop's host freely; any other is given by “php artisan shop:move”.
        'suffixes' => array_values(array_filter(explode(',', (string) env('KITE_SHOP_SUFFIXES', '')))),
        // No shop's, whoever asks: what else answers on this machine.
        'reserved' => array_values(array_filter(['localhost', (string) env('KITE_STANDIN_PAY_HOST', 'pay.localhost'), ...explode(',', (string) env('KITE_RESERVED_HOSTS', ''))])),
        'renames_per_day' => (int) env('KITE_RENAMES_PER_DAY', 5),
    ],

    // Where uploaded pictures are kept; the web server hands them out at /pictures/.
    'pictures' => env('KITE_PICTURES', storage_path('pictures')),
    // What widgets count, until it is in the database.
    'spool' => env('KITE_SPOOL', storage_path('spool')),

    // The folder of the outbox stand-in.
    'outbox' => env('KITE_STANDIN_OUTBOX', storage_path('outbox')),

    // A file that holds how many seconds the demo is ahead of the machine's clock; the stand-ins read it too.
    'clock' => env('KITE_CLOCK'),

    // Held against the password of somebody who is not there, so that it takes as long: nobody knows what it is of.
    'nobodys_hash' => '$2y$12$ZuEmyMBTHweBSF2Q3Xic8OD5hC0CvU/gmr15RGY2nUjbZ9gpTtC2S',

    // Who is told by mail what only the operator can mend; without one, the log alone says it.
    'operator' => env('KITE_OPERATOR_MAIL'),

    'clicks' => [
        // The same placement by the same visitor within this many seconds is the same click.
        'same_click_seconds' => 2,
        // From a request that is repeated within so many seconds, since its answer did not arrive.
        'same_request_seconds' => 10,
        // From one address, behind which a whole classroom may sit.
        'widget_requests_per_minute' => (int) env('KITE_WIDGET_REQUESTS_PER_MINUTE', 1200),
        'new_carts_per_minute' => (int) env('KITE_NEW_CARTS_PER_MINUTE', 60),
    ],

    'payments' => [
        // There is no default: without a provider no shop is ready to be paid.
        'provider' => env('KITE_PAYMENTS'),
        'standin' => [
            'api' => env('KITE_STANDIN_PAY_API'),
            'host' => env('KITE_STANDIN_PAY_HOST', 'pay.localhost'),
            'origin' => env('KITE_STANDIN_PAY_ORIGIN'),
            'key' => env('KITE_STANDIN_PAY_KEY'),
            // The stand-in's own book, in which the demo's payments stand too.
            'ledger' => env('KITE_STANDIN_PAY_DB'),
            'webhook_secret' => env('KITE_STANDIN_PAY_SECRET'),
        ],
    ],

    'prices' => [
        // Hosts of marketplaces whose pages may be looked at, with commas between; those below them are not among them.
        'hosts' => (string) env('KITE_PRICE_HOSTS', ''),
        // Stand-ins on this machine: host:port=address, with commas between.
        'local' => (string) env('KITE_PRICE_LOCAL', ''),
        'hours_between' => (int) env('KITE_PRICE_HOURS', 24),
    ],

    // Files that shops sell: where they lie, and how many bytes of the disk they leave free for the rest of the machine.
    'files' => env('KITE_FILES', storage_path('files')),
    'disk_reserve' => (int) env('KITE_DISK_RESERVE', 512 * 1024 * 1024),
    // Sound and moving pictures that are shown before goods are bought; the web server hands them out at /samples/.
    'samples' => env('KITE_SAMPLES', storage_path('samples')),

    // Reports of marketplaces, until they are read.
    'reports' => env('KITE_REPORTS', storage_path('reports')),

    // Where the made-up marketplaces answer; without stand-ins there are none.
    'standin_port' => env('KITE_STANDIN_MARKETS_PORT'),

    'demo' => [
        'password' => env('KITE_DEMO_PASSWORD'),
        // Where other people's pages find the widgets that were pasted into them.
        'pages' => env('KITE_STANDIN_BLOG_NOTES'),
        // Where the stand-in blog finds the button of its post.
        'button_file' => env('KITE_DEMO_BUTTON_FILE'),
    ],
];
