<?php

declare(strict_types=1);

/**
 * What a file of so many sets costs to take, to try and to bring in, in the demo's gym: processor time of this process, the most memory
 * it ever had resident (VmHWM: what libraries take outside of PHP's own count is in it), and the time that PostgreSQL took beside it.
 *
 *   php bench/imports.php [--lines=50000]
 *
 * Every step is rolled back.
 */

use App\Actions\Import\BringRows;
use App\Actions\Import\DryRun;
use App\Actions\Import\TakeFile;
use App\Context\Gym\CurrentGym;
use App\Formats\Import\ImportKind;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Import\Import;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

$root = getenv('STEADY_ROOT') ?: dirname(__DIR__);
require "$root/vendor/autoload.php";
$lines = (int) (getopt('', ['lines:'])['lines'] ?? 50_000);

/** @var Application $app */
$app = require "$root/bootstrap/app.php";
$app->make(Kernel::class)->bootstrap();
$coach = User::query()->where('email', 'coach@hollowbrook.example')->first() ?? exit("The demo is not there.\n");
$app->make(CurrentGym::class)->enter($coach->gym_id);

$names = Athlete::query()->orderBy('id')->pluck('name')->all();
$text = "Date,Athlete,Exercise,Reps,Assistance (kg),RIR,Note\n";
for ($i = 0; $i < $lines; $i++) {
    $day = date('Y-m-d', strtotime('2016-01-01') + 86400 * intdiv($i, 20));
    $text .= "$day,{$names[$i % count($names)]},".($i % 5 === 0 ? 'Pull-up,1,' : 'Thick band,'.(5 + $i % 6).','.(10 + $i % 15)).','.($i % 4).",Set $i\n";
}

$cpu = static fn (): float => array_sum(array_map(static fn (string $k): float => getrusage()["$k.tv_sec"] + getrusage()["$k.tv_usec"] / 1e6, ['ru_utime', 'ru_stime']));
$step = static function (string $what, Closure $do) use ($cpu): mixed {
    [$was, $at] = [$cpu(), microtime(true)];
    $done = $do();
    preg_match('/VmHWM:\s+(\d+)/', (string) file_get_contents('/proc/self/status'), $most);
    printf("%-9s %5.1f s of processor, %5.1f s in all, %4.0f MB resident at the most\n", $what, $cpu() - $was, microtime(true) - $at, $most[1] / 1024);

    return $done;
};

DB::beginTransaction();
$id = (string) Str::uuid7();
printf("%d lines, %.1f MB\n", $lines, strlen($text) / 1e6);
$step('take', static fn () => $app->make(TakeFile::class)->take($id, ImportKind::Sets, 'bench.csv', $text, $coach));
$told = $step('dry run', static fn () => $app->make(DryRun::class)->of(Import::query()->findOrFail($id)));
$step('bring in', static fn () => $app->make(BringRows::class)->bring($id));
$import = Import::query()->findOrFail($id);
printf("ready %d, refused %d; taken %d\n", $told->ready, $told->refusedCount, $import->taken);
DB::rollBack();
