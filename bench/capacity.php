<?php

declare(strict_types=1);

use SteadyRung\Normal;
use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\Season;
use SteadyRung\Simulation\SimulatedSet;
use SteadyRung\Simulation\VirtualAthlete;
use SteadyRung\Strength\Ahead;
use SteadyRung\Strength\Forecast;
use SteadyRung\Strength\RepPrediction;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/support/middle.php';

// How well reps and dates are foretold on athletes whose truth is known: so many of each model, a year of training and half a year
// to see what comes. Beside the filter: last time plus a constant, a line through six weeks, and a single level that drifts.
// bench/capacity.php [athletes of each model, 500] [only this model, or all] [reserve told too high by] [form of the day, sd]

const YEAR_DAYS = 364;
const AFTER_DAYS = 182;
const EIGHTY = [0.1, 0.9];
const CURVE_K = 27.0;

/** A prediction as the mean and standard deviation of log capacity over load, on the usual curve. */
final class Rival
{
    /** @var list<array{float, float}> day, log capacity seen */
    private array $seen = [];

    private ?float $level = null;

    private float $variance = 0.0;

    private int $day = 0;

    public function __construct(private readonly string $kind, private readonly float $sd)
    {
    }

    /** @return array{float, float}|null */
    public function foretell(int $day): ?array
    {
        if ($this->seen === []) {
            return null;
        }
        [$last] = array_slice($this->seen, -1);

        return match ($this->kind) {
            'last plus a constant' => [$last[1] + 0.002, $this->sd],
            'six-week line' => [$this->line($day), $this->sd],
            default => [(float) $this->level, sqrt($this->variance + 0.02 ** 2 * ($day - $this->day) / 7.0 + 0.04 ** 2)],
        };
    }

    public function see(SimulatedSet $set): void
    {
        if ($set->set->reserve === null) {
            return;
        }
        $log = log($set->set->load->share) + log(1.0 + ($set->set->reps + $set->set->reserve - 0.5) / CURVE_K);
        $this->seen[] = [(float) $set->day, $log];
        $prior = $this->variance + 0.02 ** 2 * ($set->day - $this->day) / 7.0;
        $gain = $this->level === null ? 1.0 : $prior / ($prior + 0.06 ** 2);
        $this->variance = $this->level === null ? 0.06 ** 2 : (1.0 - $gain) * $prior;
        $this->level = $this->level === null ? $log : $this->level + $gain * ($log - $this->level);
        $this->day = $set->day;
    }

    /** Least squares over six weeks. */
    private function line(int $day): float
    {
        $recent = array_values(array_filter($this->seen, static fn (array $s): bool => $s[0] > $day - 42));
        $recent = $recent === [] ? array_slice($this->seen, -1) : $recent;
        $n = count($recent);
        $meanX = array_sum(array_column($recent, 0)) / $n;
        $meanY = array_sum(array_column($recent, 1)) / $n;
        $sxx = $sxy = 0.0;
        foreach ($recent as [$x, $y]) {
            $sxx += ($x - $meanX) ** 2;
            $sxy += ($x - $meanX) * ($y - $meanY);
        }

        return $meanY + ($n < 4 || $sxx <= 0.0 ? 0.0 : $sxy / $sxx * ($day - $meanX));
    }
}

/** Scores of whole-number counts against their chances. */
final class Scores
{
    private int $n = 0;

    /** @var array{int, int, int} below, inside, above */
    private array $rooms = [0, 0, 0];

    private float $width = 0.0;

    private float $off = 0.0;

    private float $crps = 0.0;

    public function __construct(private readonly Draws $draws)
    {
    }

    /** @param  \Closure(float): float  $atLeast  chance of at least so many */
    public function add(Closure $atLeast, float $median, float $width, int $reps): void
    {
        $u = 1.0 - $atLeast((float) $reps) + $this->draws->uniform() * ($atLeast((float) $reps) - $atLeast($reps + 1.0));
        $this->rooms[$u < EIGHTY[0] ? 0 : ($u > EIGHTY[1] ? 2 : 1)]++;
        $this->n++;
        $this->width += $width;
        $this->off += $median - ($reps + 0.5);
        for ($x = 0; $x < 40; $x++) {
            $this->crps += ((1.0 - $atLeast($x + 1.0)) - ($reps <= $x ? 1.0 : 0.0)) ** 2;
        }
    }

    /** @return array{coverage: float, low: float, high: float, width: float, bias: float, crps: float, n: int} */
    public function all(): array
    {
        return [
            'coverage' => $this->rooms[1] / $this->n,
            'low' => $this->rooms[0] / $this->n,
            'high' => $this->rooms[2] / $this->n,
            'width' => $this->width / $this->n,
            'bias' => $this->off / $this->n,
            'crps' => $this->crps / $this->n,
            'n' => $this->n,
        ];
    }
}

/** @param  array{float, float}  $estimate */
function rivalChance(array $estimate, float $share): Closure
{
    return static fn (float $n): float => $n <= 0.0
        ? 1.0
        : Normal::cdf(($estimate[0] - log($share) - log(1.0 + ($n - 1.0) / CURVE_K)) / $estimate[1]);
}

/** @return array{float, float} median reps and the width of the 80 % interval */
function rivalReps(array $estimate, float $share): array
{
    $at = static fn (float $z): float => max(0.0, 1.0 + CURVE_K * (exp($estimate[0] + $z * $estimate[1]) / $share - 1.0));

    return [$at(0.0), $at(Normal::Z90) - $at(-Normal::Z90)];
}

$each = (int) ($argv[1] ?? 500);
$models = array_filter(ResponseModel::cases(), static fn (ResponseModel $m): bool => in_array($argv[2] ?? 'all', ['all', $m->value], true));
$bias = isset($argv[3]) ? (float) $argv[3] : null;
$form = isset($argv[4]) ? (float) $argv[4] : null;
$chance = new Draws(5);
$dates = [];
foreach ($models as $model) {
    $draws = new Draws(1);
    $scores = [
        'filter' => new Scores($draws),
        'last plus a constant' => new Scores($draws),
        'six-week line' => new Scores($draws),
        'drifting level' => new Scores($draws),
    ];
    for ($i = 0; $i < $each; $i++) {
        $start = new Draws(77_000 + $i);
        $athlete = VirtualAthlete::drawn(
            $model,
            1000 * ($i + 1),
            max(0.45, min(0.95, 0.72 * exp(0.12 * $start->normal()))),
            $bias ?? ($i % 4 === 3 ? 1.0 : 0.0),
            formSd: $form,
        );
        $rivals = [
            'last plus a constant' => new Rival('last plus a constant', 0.075),
            'six-week line' => new Rival('six-week line', 0.07),
            'drifting level' => new Rival('drifting level', 0.0),
        ];
        $told = [];
        $came = null;
        $next = 14;
        foreach (Season::of($athlete, YEAR_DAYS + AFTER_DAYS) as $day => $set) {
            $came ??= $set->isStrictDone ? $day : null;
            if ($day > YEAR_DAYS) {
                continue;
            }
            $share = $set->set->load->share;
            $prediction = RepPrediction::at($set->before, $set->set->load);
            $scores['filter']->add(
                static fn (float $n): float => $n <= 0.0 ? 1.0 : $prediction->chanceOf($n),
                $prediction->median(),
                $prediction->high80() - $prediction->low80(),
                $set->toFailure,
            );
            foreach ($rivals as $name => $rival) {
                $estimate = $rival->foretell($day);
                if ($estimate !== null) {
                    $scores[$name]->add(rivalChance($estimate, $share), ...[...rivalReps($estimate, $share), $set->toFailure]);
                }
                $rival->see($set);
            }
            if ($day >= $next && $came === null) {
                $told[$day] = Forecast::of(Ahead::of($set->before, $day), 1);
                $next = $day + 28;
            }
        }
        foreach ($told as $day => $forecast) {
            $dates[$model->value][] = [
                $day,
                array_map($forecast->within(...), array_combine(Forecast::HORIZONS, Forecast::HORIZONS)),
                $forecast->weeksUntil(0.5),
                $came,
                $forecast->chances(),
            ];
        }
    }
    printf(
        "\n%s, %d athletes\n%-22s %8s %6s %6s %6s %6s %6s %6s\n",
        $model->value,
        $each,
        '',
        'inside',
        'below',
        'above',
        'width',
        'bias',
        'CRPS',
        'sets',
    );
    foreach ($scores as $name => $score) {
        $a = $score->all();
        printf(
            "%-22s %7.1f%% %5.1f%% %5.1f%% %6.2f %+6.2f %6.3f %6d\n",
            $name,
            100 * $a['coverage'],
            100 * $a['low'],
            100 * $a['high'],
            $a['width'],
            $a['bias'],
            $a['crps'],
            $a['n'],
        );
    }
    $crps = array_map(static fn (Scores $s): float => $s->all()['crps'], $scores);
    printf(
        "CRPS below last plus a constant by %.0f %%, below the line by %.0f %%, below the level by %.0f %%\n",
        100 * (1 - $crps['filter'] / $crps['last plus a constant']),
        100 * (1 - $crps['filter'] / $crps['six-week line']),
        100 * (1 - $crps['filter'] / $crps['drifting level']),
    );
}

echo "\nDates of the first strict rep that a log shows\n";
foreach ([...$dates, 'pooled' => array_merge([], ...array_values($dates))] as $name => $all) {
    if ($all === []) {
        continue;
    }
    printf("%s, %d forecasts\n", $name, count($all));
    foreach (Forecast::HORIZONS as $weeks) {
        $seen = array_map(static fn (array $f): float => $f[3] !== null && $f[3] <= $f[0] + 7 * $weeks ? 1.0 : 0.0, $all);
        $said = array_map(static fn (array $f): float => $f[1][$weeks], $all);
        $rate = array_sum($seen) / count($seen);
        $brier = array_sum(array_map(static fn (float $p, float $y): float => ($p - $y) ** 2, $said, $seen)) / count($seen);
        printf(
            "  within %2d weeks: said %.3f, came %.3f; Brier skill over the base rate %.2f\n",
            $weeks,
            array_sum($said) / count($said),
            $rate,
            1.0 - $brier / max(1e-9, $rate * (1.0 - $rate)),
        );
    }
    // Where the day it came lies in what was foretold; of who did not come while looked at, somewhere beyond.
    $inside = 0;
    foreach ($all as [$day, , , $came, $chances]) {
        $at = static fn (float $weeks): float => $chances[(int) min(52, floor($weeks))] + (
            $weeks >= 52 ? 0.0 : ($weeks - floor($weeks)) * ($chances[(int) floor($weeks) + 1] - $chances[(int) floor($weeks)])
        );
        $left = min(52.0, (YEAR_DAYS + AFTER_DAYS - $day) / 7.0);
        $place = $came !== null && ($came - $day) / 7.0 <= $left
            ? $at(($came - $day) / 7.0)
            : $at($left) + (1.0 - $at($left)) * $chance->uniform();
        $inside += $place >= EIGHTY[0] && $place <= EIGHTY[1] ? 1 : 0;
    }
    printf("  inside the 80 %% interval: %.2f\n", $inside / count($all));
    $off = [];
    foreach ($all as [$day, , $median, $came]) {
        if ($day >= 56 && $median !== null && $came !== null) {
            $off[] = $median - ($came - $day) / 7.0;
        }
    }
    if ($off !== []) {
        printf("  median said less median came, from week 8 on: %+.1f weeks (%d of them)\n", middle($off), count($off));
    }
}
