<?php

declare(strict_types=1);

// Prints what to load beforehand, one file a line, for preload.php: what a bare request loads, our own code, and the database layer.
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

require __DIR__.'/../../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
foreach (['/api/me', '/api/health'] as $path) {
    $app->make(Kernel::class)->handle(Request::create($path, server: ['HTTP_ACCEPT' => 'application/json', 'HTTP_ORIGIN' => (string) config('app.url')]));
}
$root = dirname(__DIR__, 2);
$framework = "$root/vendor/laravel/framework/src/Illuminate";
$whole = [];
foreach (["$root/core", "$root/app", "$framework/Database/Eloquent", "$framework/Database/Query", "$framework/Database/Concerns", "$framework/Auth"] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->getExtension() === 'php') {
            $whole[] = $file->getPathname();
        }
    }
}
$unfit = '~/(nunomaduro|phpunit|pestphp|mockery|fakerphp|nesbot|brick|ramsey|compat/functions|vendor/autoload|vendor/composer/|vendor/symfony/polyfill|Illuminate/Support/Carbon|bootstrap/app|bin/server/|routes/|config/|cache/)~';
foreach (array_unique([...get_included_files(), ...$whole]) as $file) {
    if (preg_match($unfit, $file) === 0 && ! str_contains($file, 'helpers.php') && ! str_contains($file, 'functions')) {
        echo "$file\n";
    }
}
