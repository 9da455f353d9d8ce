<?php

declare(strict_types=1);

// Prints what to load beforehand, one file a line, for preload.php: what a bare request loads, our own code, and the database layer.
use App\Http\CommandQueue;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

require __DIR__.'/../../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
foreach (['/api/v1/me', '/api/v1/health'] as $path) {
    $app->make(Kernel::class)->handle(Request::create($path, server: ['HTTP_ACCEPT' => 'application/json', 'HTTP_ORIGIN' => (string) config('app.url')]));
}
$root = dirname(__DIR__, 2);
// A class is loaded with all it stands on; one that stands on what is not there could not be loaded beforehand.
$ours = ['SteadyRung' => 'core', ...array_combine($rooms = ['App\Actions', 'App\Formats', 'App\Http\Controllers', 'App\Http\Middleware', 'App\Http\Requests', 'App\Context', 'App\Models', 'App\Problems', 'App\Queries', 'App\Responses'], array_map(static fn (string $room): string => str_replace(['App', '\\'], ['app', '/'], $room), $rooms))];
foreach ($ours as $namespace => $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        class_exists($namespace.str_replace('/', '\\', substr($file->getPathname(), strlen("$root/$folder"), -4)));
    }
}
array_map(class_exists(...), [
    Illuminate\Database\Eloquent\Builder::class, Illuminate\Database\Eloquent\Collection::class, Illuminate\Database\Query\Builder::class,
    Illuminate\Database\Query\Expression::class, Illuminate\Database\Query\Processors\PostgresProcessor::class, Illuminate\Database\QueryException::class,
    Illuminate\Database\DatabaseTransactionRecord::class, Illuminate\Database\Eloquent\Casts\Json::class, Illuminate\Database\Eloquent\Attributes\ScopedBy::class,
    Illuminate\Database\Events\TransactionBeginning::class, Illuminate\Database\Events\TransactionCommitted::class, Illuminate\Database\Events\TransactionCommitting::class,
    Illuminate\Support\HigherOrderCollectionProxy::class, CommandQueue::class, Illuminate\Support\LazyCollection::class, Illuminate\Auth\SessionGuard::class, Illuminate\Auth\EloquentUserProvider::class,
]);
$unfit = '~/(nunomaduro|phpunit|pestphp|mockery|fakerphp|nesbot|brick|ramsey|compat/functions|vendor/autoload|vendor/composer/|vendor/symfony/polyfill|Illuminate/Support/Carbon|bootstrap/app|bin/server/|routes/|config/|cache/)~';
foreach (get_included_files() as $file) {
    if (preg_match($unfit, $file) === 0 && ! str_contains($file, 'helpers.php') && ! str_contains($file, 'functions')) {
        echo "$file\n";
    }
}
