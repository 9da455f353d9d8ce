<?php

declare(strict_types=1);

return [
    'default' => env('MAIL_MAILER', 'mailbox'),
    'mailers' => [
        // Where no mail server is set, letters stay as files on this machine.
        'mailbox' => ['transport' => 'mailbox', 'path' => storage_path('mailbox')],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => (int) env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'steady-rung@localhost.localdomain'), 'name' => env('APP_NAME', 'Steady Rung')],
];
