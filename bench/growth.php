<?php

declare(strict_types=1);

use App\Actions\Log\LogSet;
use App\Actions\Log\SetDone;
use App\Actions\RecalculateDue;
use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteKind;
use App\Models\Gym\Gym;
use App\Models\Gym\User;
use App\Queries\Trend\TrendQuery;
use App\Responses\Trend\TrendRange;
use Database\Seeders\DemoClock;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Plan\Diary\Purpose;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/support/middle.php';

// What one more set and the trend cost with ten years of log over what they cost with ten sets. It logs ten years of one athlete and
// leaves them there, so it wants an instance to spoil and the tables' owner: STEADY_VAR=… DB_USERNAME=… DB_PASSWORD=… php bench/growth.php

const DAYS = 25;

$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$clock = new DemoClock(new DateTimeImmutable('2016-03-01T18:00:00Z'));
$app->instance(ClockInterface::class, $clock);

/** Logs a day of three sets; answers the moment after. */
function trainedDay(Athlete $athlete, User $coach, DemoClock $clock, DateTimeImmutable $day): void
{
    $clock->set($day);
    $sets = array_map(
        static fn (int $i): SetDone => new SetDone(
            (string) Str::uuid7(),
            $day->modify("+$i minutes"),
            Purpose::Work,
            Exercise::of(new StrictPull),
            5 + $i % 2,
            reserve: 1,
            asked_reps: 8,
        ),
        [0, 4, 8],
    );
    app(LogSet::class)->logAll($athlete->id, $coach, $sets);
    app(RecalculateDue::class)->now($athlete->id);
}

/** @return array{float, float} milliseconds of one more set, and of the trend of the year */
function costs(Athlete $athlete, User $coach, DateTimeImmutable $day): array
{
    $began = hrtime(true);
    app(LogSet::class)->log(
        $athlete->id,
        $coach,
        new SetDone((string) Str::uuid7(), $day, Purpose::Work, Exercise::of(new StrictPull), 5, reserve: 1),
    );
    app(RecalculateDue::class)->now($athlete->id);
    $set = hrtime(true);
    app(TrendQuery::class)->of($athlete, null, TrendRange::Year);

    return [($set - $began) / 1e6, (hrtime(true) - $set) / 1e6];
}

$gym = Gym::query()->where('is_demo', true)->firstOrFail();
app(CurrentGym::class)->enter($gym);
$coach = User::query()->firstOrFail();
$made = static fn (string $name): Athlete => Athlete::query()->create([
    'id' => (string) Str::uuid7(),
    'gym_id' => $gym->id,
    'name' => $name,
    'kind' => AthleteKind::Gym,
    'mass_kg' => 70,
    'stature_m' => 1.75,
]);
[$new, $old] = [$made('Ten sets'), $made('Ten years')];
for ($i = 0; $i < 1500; $i++) {
    trainedDay($old, $coach, $clock, (new DateTimeImmutable('2016-03-01T18:00:00Z'))->modify(sprintf('+%d hours', (int) round(58.2 * $i))));
}
foreach ([-9, -6, -3] as $days) {
    trainedDay($new, $coach, $clock, new DateTimeImmutable("2026-03-01T18:00:00Z $days days"));
}
DB::statement('VACUUM ANALYZE');
$few = $many = [];
for ($i = 1; $i <= DAYS; $i++) { // in turn, so that what the machine does besides falls on both
    $clock->set($day = new DateTimeImmutable("2026-03-01T18:00:00Z +$i days"));
    $few[] = costs($new, $coach, $day);
    $many[] = costs($old, $coach, $day);
}
foreach (['one more set', 'the trend of a year'] as $of => $what) {
    [$ten, $years] = [middle(array_column($few, $of)), middle(array_column($many, $of))];
    printf("%s: %.1f ms with ten sets, %.1f ms with ten years, ratio %.2f\n", $what, $ten, $years, $years / $ten);
}
