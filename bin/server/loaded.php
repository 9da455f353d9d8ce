<?php

declare(strict_types=1);

// Prints the files that a bare request loads, one a line, for preload.php.
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
$own = array_map(static fn (SplFileInfo $file): string => $file->getPathname(), array_filter(
    iterator_to_array(new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/core", FilesystemIterator::SKIP_DOTS)), false),
    static fn (SplFileInfo $file): bool => $file->getExtension() === 'php',
));
$unfit = '~/(nunomaduro|phpunit|pestphp|mockery|fakerphp|nesbot|brick|ramsey|compat/functions|vendor/autoload|vendor/composer/|vendor/symfony/polyfill|Illuminate/Support/Carbon|bootstrap/app|bin/server/|routes/|config/|cache/)~';
foreach (array_unique([...get_included_files(), ...$own]) as $file) {
    if (preg_match($unfit, $file) === 0 && ! str_contains($file, 'helpers.php') && ! str_contains($file, 'functions')) {
        echo "$file\n";
    }
}
