<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'paper_kite'),
            'username' => env('DB_USERNAME', 'paper_kite'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'engine' => 'InnoDB',
            'use_db_after_connecting' => false,
            'options' => [
                // A statement is sent with its values, where otherwise it would be sent, and then they.
                PDO::ATTR_EMULATE_PREPARES => true,
                // All that a connection is told, in one statement as it is opened: a click would wait for each.
                PDO::MYSQL_ATTR_INIT_COMMAND => "SET NAMES 'utf8mb4' COLLATE 'utf8mb4_unicode_ci', time_zone = '+00:00', sql_mode = 'ONLY_FULL_GROUP_BY,STRICT_TRANS_TABLES,NO_ZERO_IN_DATE,NO_ZERO_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION', "
                    // What was read before a lock was given is read again after it, and no gaps are locked; docs/decisions/0007.
                    ."tx_isolation = 'READ-COMMITTED', innodb_lock_wait_timeout = 5",
            ],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
