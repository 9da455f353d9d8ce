<?php

declare(strict_types=1);

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => '5432',
            'database' => env('DB_DATABASE', 'steady'),
            'username' => env('DB_USERNAME', 'steady'),
            'password' => env('DB_PASSWORD', ''),
            'sslmode' => 'disable',
            // One round trip a statement: it is parsed and run at once, not prepared first.
            'options' => [PDO::PGSQL_ATTR_DISABLE_PREPARES => true] + (env('DB_PERSISTENT', false) ? [PDO::ATTR_PERSISTENT => true] : []),
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
