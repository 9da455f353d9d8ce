<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'kept'),
    'channels' => [
        // A request does not fail because its fault could not be written down.
        'kept' => ['driver' => 'stack', 'channels' => ['daily'], 'ignore_exceptions' => true],
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/steady.log'), 'level' => 'info', 'days' => 14, 'permission' => 0600],
        'stderr' => ['driver' => 'monolog', 'handler' => Monolog\Handler\StreamHandler::class, 'with' => ['stream' => 'php://stderr']],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
