<?php

declare(strict_types=1);

/**
 * The files of `app` and `core` that a request runs through, on the demo in the database of .env: a set that a device sends, the
 * news another device asks for after it, what an athlete's set-up is likely to give, and why. A file counts when a function of it
 * other than a constructor runs. Each request has a process of its own.
 *
 *   php bench/walks.php
 */

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;
use Symfony\Component\HttpFoundation\Response;

$root = dirname(__DIR__);

if (! isset($argv[1])) {
    foreach (['set', 'news', 'likely', 'why'] as $walk) {
        passthru(escapeshellarg(PHP_BINARY).' '.escapeshellarg(__FILE__).' '.$walk);
    }
    exit;
}

final class Walked
{
    /** @var array<string, true> */
    public static array $files = [];
}

$composer = require "$root/vendor/autoload.php";
spl_autoload_register(static function (string $class) use ($composer, $root): void {
    $file = realpath((string) $composer->findFile($class));
    if ($file === false || ! (str_starts_with($file, "$root/app/") || str_starts_with($file, "$root/core/"))) {
        return;
    }
    $parser = (new ParserFactory)->createForHostVersion();
    $tree = $parser->parse((string) file_get_contents($file)) ?? [];
    $mark = $parser->parse('<?php \Walked::$files['.var_export(substr($file, strlen($root) + 1), true).'] = true;') ?? [];
    foreach ((new NodeFinder)->findInstanceOf($tree, ClassMethod::class) as $method) {
        if ($method->stmts !== null && $method->name->toString() !== '__construct') {
            array_unshift($method->stmts, ...$mark);
        }
    }
    eval(str_replace('__DIR__', var_export(dirname($file), true), (new Standard)->prettyPrint($tree)));
}, prepend: true);
/** @var Application $app */
$app = require "$root/bootstrap/app.php";
$app->make(Kernel::class)->bootstrap();

$user = DB::table('users')->where('email', 'coach@hollowbrook.example')->first() ?? exit("The demo is not there.\n");
$athlete = DB::table('logged_sets')->where('gym_id', $user->gym_id)
    ->where('purpose', 'work')
    ->whereNotNull('exercise')
    ->orderByDesc('trained_on')
    ->orderBy('id')
    ->value('athlete_id');
$ask = static function (string $method, string $path, ?array $body = null) use ($app, $user): Response {
    $server = [
        'HTTP_ACCEPT' => 'application/json',
        'CONTENT_TYPE' => 'application/json',
        'HTTP_ORIGIN' => (string) config('app.url'),
        'HTTP_REFERER' => (string) config('app.url'),
    ];
    $app->forgetScopedInstances();
    $request = Request::create("/api/v1/$path", $method, server: $server, content: $body === null ? null : (string) json_encode($body));
    $app->instance('request', $request);
    Auth::forgetGuards();
    Auth::guard('web')->setUser(Auth::createUserProvider('users')->retrieveById($user->id));

    return $app->make(Kernel::class)->handle($request);
};
$app->instance('env', 'testing');
DB::beginTransaction();
$read = static fn (string $path): array => json_decode((string) $ask('GET', $path)->getContent(), true);
$exercise = array_values(array_filter(array_column($read("athletes/$athlete/sets")['items'], 'exercise')))[0];
$day = $read('classes')['held'][0];
$asked = rawurlencode((string) json_encode($exercise));
$set = [
    'id' => (string) Str::uuid7(),
    'performed_at' => gmdate(DATE_RFC3339),
    'purpose' => 'work',
    'clean_reps' => 5,
    'reserve' => 2,
    'exercise' => $exercise,
];
$read("athletes/$athlete");
$read("classes/{$day['id']}/days/{$day['on']}");
Walked::$files = [];
$answer = match ($argv[1]) {
    'set' => $ask('POST', 'commands', ['commands' => [['athlete_id' => $athlete, 'set' => $set]]]),
    'news' => $ask('GET', "classes/{$day['id']}/days/{$day['on']}/news?since=0"),
    'likely' => $ask('GET', "athletes/$athlete/setup?exercise=$asked"),
    'why' => $ask('GET', "athletes/$athlete/capacity?pattern=pull"),
};
DB::rollBack();
ksort(Walked::$files);
printf("%s: %d, %d files\n  %s\n", $argv[1], $answer->getStatusCode(), count(Walked::$files), implode("\n  ", array_keys(Walked::$files)));
