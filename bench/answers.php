<?php

declare(strict_types=1);

/**
 * What every GET route answers on the database of .env, so that two versions can be held against each other: one line a route
 * with the sum of its answer, or the answers themselves into a folder.
 *
 *   php bench/answers.php [--at=2026-11-30T18:00:00Z] [--into=FOLDER]
 *
 * The clock stands still, and what is written on the way is rolled back.
 */

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

$root = getenv('STEADY_ROOT') ?: dirname(__DIR__);
require "$root/vendor/autoload.php";

$options = getopt('', ['at:', 'into:']);
$at = CarbonImmutable::parse($options['at'] ?? '2026-11-30T18:00:00Z');

/** @var Application $app */
$app = require "$root/bootstrap/app.php";
$app->make(Kernel::class)->bootstrap();
CarbonImmutable::setTestNow($at);
Carbon\Carbon::setTestNow($at);
DB::beginTransaction();

$user = DB::table('users')->where('email', 'coach@hollowbrook.example')->first() ?? exit("The demo is not there.\n");
$of = static fn (string $table, string $order = 'id', array $where = []): array => DB::table($table)->where('gym_id', $user->gym_id)
    ->where($where)
    ->orderBy($order)
    ->pluck('id')
    ->all();
$athletes = $of('athletes');
$bands = $of('bands');
$classes = $of('classes');
$day = $at->format('Y-m-d');
$paths = [
    'health',
    'me',
    'staff',
    'sessions',
    'cautions',
    'kit',
    'classes',
    "classes?on=$day",
    'bench/scale',
    'athletes',
    'athletes?show=archived',
    'athletes?order=name',
    'methods',
    'methods/steady-ladder',
    'library',
    'caps',
    'house-rules',
    'calls',
    'calls/overrides',
];
foreach ($bands as $id) {
    array_push($paths, "bands/$id/inspections", "bands/$id/learned");
}
foreach ($classes as $id) {
    array_push($paths, "classes/$id/days/$day", "classes/$id/days/$day/news?since=0");
}
foreach ($athletes as $id) {
    foreach (
        [
            '', '/scale', '/body', '/screenings', '/baseline', '/trend', '/sets', '/calls', '/session', '/class-work?reps=20', '/weeks',
            '/place',
        ] as $part
    ) {
        $paths[] = "athletes/$id$part";
    }
    foreach (['pull', 'chin', 'row', 'pulldown'] as $pattern) {
        $paths[] = "athletes/$id/capacity?pattern=$pattern";
    }
    foreach (['pull', 'row', 'pulldown'] as $lane) {
        $paths[] = "athletes/$id/ladder?lane=$lane";
    }
    foreach (
        DB::table('logged_sets')->where('athlete_id', $id)
            ->whereNotNull('exercise')
            ->distinct()
            ->orderBy('text')
            ->limit(5)
            ->selectRaw("(exercise - 'v')::text AS text")
            ->pluck('text') as $exercise
    ) {
        $paths[] = "athletes/$id/setup?exercise=".rawurlencode($exercise);
    }
}

$into = $options['into'] ?? null;
foreach ($paths as $path) {
    $app->forgetScopedInstances();
    $request = Request::create(
        "/api/v1/$path",
        server: [
            'HTTP_ACCEPT' => 'application/json',
            'HTTP_ORIGIN' => (string) config('app.url'),
            'HTTP_REFERER' => (string) config('app.url'),
        ],
    );
    $app->instance('request', $request);
    Auth::forgetGuards();
    Auth::guard('web')->setUser(Auth::createUserProvider('users')->retrieveById($user->id));
    DB::statement('SAVEPOINT before_answer');
    $response = $app->make(Kernel::class)->handle($request);
    DB::statement('ROLLBACK TO before_answer');
    $body = (string) $response->getContent();
    printf("%d %s %s\n", $response->getStatusCode(), hash('xxh64', $body), $path);
    if ($into !== null) {
        @mkdir($into, recursive: true);
        file_put_contents(
            $into.'/'.substr(strtr($path, '/?=&%', '_____'), 0, 200).'.json',
            json_encode(json_decode($body), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n",
        );
    }
}
DB::rollBack();
