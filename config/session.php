<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'quiet'),
    'lifetime' => (int) env('SESSION_LIFETIME', 720),
    'lottery' => [1, 200],
    'cookie' => 'steady-rung',
    'http_only' => true,
    'same_site' => 'lax',
    'encrypt' => false,
];
