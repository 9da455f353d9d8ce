<?php

declare(strict_types=1);

$pgsql = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => '5432',
    'database' => env('DB_DATABASE', 'steady'),
    'username' => env('DB_USERNAME', 'steady'),
    'password' => env('DB_PASSWORD', ''),
    'sslmode' => 'disable',
    'answered' => env('DB_PERSISTENT', false) ? (getenv('STEADY_VAR') ?: dirname(__DIR__).'/var').'/run/database.answered' : null,
    // One round trip a statement: it is parsed and run at once, not prepared first.
    // A server that does not answer is away after two seconds, not after thirty.
    'options' => [PDO::PGSQL_ATTR_DISABLE_PREPARES => true, PDO::ATTR_TIMEOUT => 2] + (
        env('DB_PERSISTENT', false) ? [PDO::ATTR_PERSISTENT => true] : []
    ),
];

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => $pgsql,
        // For what is told of a transaction before it ends.
        'beside' => [...$pgsql, 'answered' => null, 'options' => array_diff_key($pgsql['options'], [PDO::ATTR_PERSISTENT => true])],
        'eraser' => [...$pgsql, 'username' => env('DB_ERASER_USERNAME'), 'password' => env('DB_ERASER_PASSWORD')],
    ],
    // Who may delete what is kept of an athlete; the web server has no password for it.
    'eraser' => env('DB_ERASER_USERNAME') === null ? 'pgsql' : 'eraser',
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
