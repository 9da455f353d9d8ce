<?php

declare(strict_types=1);

use App\Providers\AppServiceProvider;
use Illuminate\Auth\AuthServiceProvider;
use Illuminate\Bus\BusServiceProvider;
use Illuminate\Cache\CacheServiceProvider;
use Illuminate\Cookie\CookieServiceProvider;
use Illuminate\Database\DatabaseServiceProvider;
use Illuminate\Encryption\EncryptionServiceProvider;
use Illuminate\Filesystem\FilesystemServiceProvider;
use Illuminate\Foundation\Providers\ConsoleSupportServiceProvider;
use Illuminate\Foundation\Providers\FoundationServiceProvider;
use Illuminate\Hashing\HashServiceProvider;
use Illuminate\Mail\MailServiceProvider;
use Illuminate\Pipeline\PipelineServiceProvider;
use Illuminate\Queue\QueueServiceProvider;
use Illuminate\Session\SessionServiceProvider;
use Illuminate\Translation\TranslationServiceProvider;
use Illuminate\Validation\ValidationServiceProvider;
use Illuminate\View\ViewServiceProvider;

return [
    'name' => env('APP_NAME', 'Steady Rung'),
    'env' => env('APP_ENV', 'production'),
    'debug' => false,
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
    // What a request here needs, and no more: each costs every request.
    'providers' => [
        AuthServiceProvider::class, BusServiceProvider::class, CacheServiceProvider::class, ConsoleSupportServiceProvider::class,
        CookieServiceProvider::class, DatabaseServiceProvider::class, EncryptionServiceProvider::class, FilesystemServiceProvider::class,
        FoundationServiceProvider::class, HashServiceProvider::class, MailServiceProvider::class, PipelineServiceProvider::class, QueueServiceProvider::class,
        SessionServiceProvider::class, TranslationServiceProvider::class, ValidationServiceProvider::class, ViewServiceProvider::class,
        AppServiceProvider::class,
    ],
];
