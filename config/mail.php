<?php

declare(strict_types=1);

return [
    // There is no default in production: without a mailer nothing can be sent, and messages wait.
    'default' => env('MAIL_MAILER', 'outbox'),

    'mailers' => [
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
        'outbox' => ['transport' => 'outbox'],
        'array' => ['transport' => 'array'],
    ],

    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'orders@localhost'), 'name' => env('MAIL_FROM_NAME', 'Paper Kite')],
];
