<?php

declare(strict_types=1);

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'steady'),
            'username' => env('DB_USERNAME', 'steady'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'search_path' => 'public',
            'sslmode' => 'disable',
            'timezone' => 'UTC',
            'options' => PHP_SAPI === 'fpm-fcgi' ? [PDO::ATTR_PERSISTENT => true] : [],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
