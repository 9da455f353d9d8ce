<?php

declare(strict_types=1);

return [
    'stateful' => explode(',', (string) env('SANCTUM_STATEFUL_DOMAINS', '127.0.0.1:8080,localhost:8080')),
    'guard' => ['web'],
    'expiration' => null,
    'last_used_at' => false, // NoteTokenUse knows it to a minute, and writes once in it
    'middleware' => [
        'authenticate_session' => Laravel\Sanctum\Http\Middleware\AuthenticateSession::class,
        'encrypt_cookies' => Illuminate\Cookie\Middleware\EncryptCookies::class,
        'validate_csrf_token' => Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class,
    ],
];
