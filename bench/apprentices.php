#!/usr/bin/env php
<?php

declare(strict_types=1);

/**
 * Methods and rules of thumb on virtual athletes through the real sessions and calls: failed, lost and wasted sessions, work sets that
 * left more than four (spare), of all work and of the main work alone, weeks to the first strict rep and after the first day on which it
 * was there (none where it came on a good day before that), tries missed, calls taken back, lowering volume, soreness. Two of the models were never used to draw a constant. Seeds are the numbers of the athletes, from one
 * on. Every athlete is drawn once and trained by each, so that they are compared in pairs.
 * Results are kept line by line in a file; a run that was stopped goes on there.
 *
 * php bench/apprentices.php [athletes of each model] [results file] [methods, comma between]
 */

require_once __DIR__.'/../vendor/autoload.php';
require_once __DIR__.'/support/gym.php';

use App\Formats\Methods\Catalogue;
use SteadyRung\Body\Body;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Simulation\Apprenticeship;
use SteadyRung\Simulation\DaySets;
use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\RuleOfThumb;
use SteadyRung\Simulation\TrainedDay;
use SteadyRung\Simulation\Trainee;
use SteadyRung\Simulation\VirtualAthlete;

const DAYS = 364;
const BAND_SD = 0.03;
const SHORT_RUN = 4;
const REVERSED_WITHIN = 4;

$count = (int) ($argv[1] ?? 20);
$file = $argv[2] ?? sys_get_temp_dir().'/apprentices.jsonl';
$policies = [...explode(',', $argv[3] ?? 'band-taper'), 'ten once', 'eight thrice'];

/** @return list<Rung> */
function thinning(RungSearch $search, Body $body): array
{
    $rungs = array_map(
        static fn (LoopBand $b): mixed => $search->standing(Exercise::of(OnBands::of('high', Attach::Foot, [$b->id])), $body),
        array_reverse($search->kit->bands),
    );

    return [
        ...array_values(array_filter($rungs, static fn (mixed $r): bool => $r instanceof Rung)),
        $search->standing(Exercise::of(new StrictPull), $body),
    ];
}

/**
 * Whether a call takes back what one of the last ones did.
 *
 * @param  list<Verdict|null>  $before
 */
function isReversal(?Verdict $now, array $before): bool
{
    return ($now === Verdict::Climb && in_array(Verdict::StepDown, $before, true))
        || ($now === Verdict::StepDown && in_array(Verdict::Climb, $before, true));
}

/** @param  iterable<int, TrainedDay|list<Done>>  $days */
function outcome(iterable $days, Trainee $trainee): array
{
    $out = [
        'sets' => 0, 'failed' => 0, 'sessions' => 0, 'lost' => 0, 'wasted' => 0, 'weeks' => 52.0, 'lowerings' => 0, 'sore' => 0,
        'able' => 52.0, 'missed' => 0, 'bad_runs' => 0, 'wasted_sets' => 0, 'main' => 0, 'wasted_main' => 0, 'reversals' => 0,
    ];
    $short = 0;
    $changes = [];
    foreach ($days as $day => $of) {
        [$sets, $verdict] = $of instanceof TrainedDay ? [$of->sets, $of->call?->verdict] : [$of, null];
        $out['reversals'] += isReversal($verdict, array_slice($changes, -REVERSED_WITHIN)) ? 1 : 0;
        $changes[] = $verdict;
        $came = new DaySets($sets);
        $out['able'] = $trainee->athlete->capacityShare() >= 1.0 ? min($out['able'], $day / 7.0) : $out['able'];
        $out['missed'] += $came->missedTries();
        $out['wasted_sets'] += $came->wastedSets();
        $main = $of instanceof TrainedDay ? $of->mainCame() : $came;
        $out['main'] += $main->work();
        $out['wasted_main'] += $main->wastedSets();
        $short = $came->isShort() ? $short + 1 : 0;
        $out['bad_runs'] += $short === SHORT_RUN ? 1 : 0;
        $out['sets'] += $came->work();
        $out['failed'] += $came->failed();
        $out['sessions'] += $came->work() === 0 ? 0 : 1;
        $out['lost'] += $came->isLost() ? 1 : 0;
        $out['wasted'] += $came->isWasted() ? 1 : 0;
        $out['lowerings'] += $came->lowerings();
        $out['sore'] += $trainee->soreness() >= Signal::MARKED_SORENESS ? 1 : 0;
        if ($came->strictReps() > 0) {
            return ['weeks' => $day / 7.0] + $out;
        }
    }

    return $out;
}

$search = new RungSearch(benchGym());
$body = Body::of(70.0, 1.72, 2.07);
$known = [];
foreach (is_file($file) ? file($file, FILE_IGNORE_NEW_LINES) : [] as $line) {
    $one = json_decode((string) $line, true);
    $known["{$one['model']} {$one['policy']} {$one['seed']}"] = $one;
}
$out = fopen($file, 'a');
$ways = new SearchedRungs($search, $body);
$began = hrtime(true);
$made = 0;
foreach (ResponseModel::cases() as $model) {
    for ($seed = 1; $seed <= $count; $seed++) {
        $capacity = (new Draws(7000 + $seed))->between(0.62, 0.92);
        foreach ($policies as $policy) {
            if (isset($known["$model->value $policy $seed"])) {
                continue;
            }
            $trainee = new Trainee(VirtualAthlete::drawn($model, 100 * $seed + 3, $capacity), BAND_SD);
            $days = match ($policy) {
                'ten once' => RuleOfThumb::tenOnce()->run($trainee, thinning($search, $body), DAYS),
                'eight thrice' => RuleOfThumb::eightThrice()->run($trainee, thinning($search, $body), DAYS),
                default => (static function () use ($trainee, $policy, $ways): Generator {
                    foreach (
                        Apprenticeship::of($trainee, Catalogue::method($policy), HouseRules::usual(), $ways, DAYS) as $day => $trained
                    ) {
                        yield $day => $trained;
                    }
                })(),
            };
            $one = ['model' => $model->value, 'policy' => $policy, 'seed' => $seed, ...outcome($days, $trainee)];
            $known["$model->value $policy $seed"] = $one;
            fwrite($out, json_encode($one)."\n");
            $made++;
        }
        fprintf(STDERR, "\r%s %d of %d, %.0f s ", $model->value, $seed, $count, (hrtime(true) - $began) / 1e9);
    }
}
fwrite(STDERR, "\n");

/** A share of two sums over athletes in %, with its standard error by athlete (ratio estimator, Cochran 1977). */
function share(array $of, string $what, string $among): string
{
    $sum = max(1.0, (float) array_sum(array_column($of, $among)));
    $share = array_sum(array_column($of, $what)) / $sum;
    $squares = array_sum(array_map(static fn (array $o): float => ($o[$what] - $share * $o[$among]) ** 2, $of));

    return sprintf('%5.1f (%.1f)', 100 * $share, 100 * sqrt($squares * count($of) / max(1, count($of) - 1)) / $sum);
}

/** A mean over athletes with its standard error. */
function mean(array $of, string $what): string
{
    $mean = array_sum(array_column($of, $what)) / count($of);
    $squares = array_sum(array_map(static fn (array $o): float => ($o[$what] - $mean) ** 2, $of));

    return sprintf('%6.1f (%.1f)', $mean, sqrt($squares / max(1, count($of) - 1) / count($of)));
}

printf(
    "%-16s %-16s %5s %13s %12s %10s %13s %17s %16s\n",
    'policy',
    'model',
    'n',
    'able to done',
    'mean of late',
    'missed',
    'most missed',
    'bad runs in 1000',
    'reversed in 100',
);
foreach ($policies as $policy) {
    foreach ([...array_column(ResponseModel::cases(), 'value'), 'all'] as $model) {
        $of = array_values(array_filter(
            $known,
            static fn (array $o): bool => $o['policy'] === $policy && $o['seed'] <= $count && ($model === 'all' || $o['model'] === $model),
        ));
        $waits = array_map(
            static fn (array $o): float => max(0.0, $o['weeks'] - min($o['weeks'], $o['able'])),
            array_filter($of, static fn (array $o): bool => $o['able'] < 52.0 || $o['weeks'] < 52.0),
        );
        $late = array_filter($waits, static fn (float $w): bool => $w > 0.0);
        printf(
            "%-16s %-16s %5d %13.2f %12.2f %10.1f %13d %17.2f %16.2f\n",
            $policy,
            $model,
            count($of),
            array_sum($waits) / max(1, count($waits)),
            array_sum($late) / max(1, count($late)),
            array_sum(array_column($of, 'missed')) / count($of),
            max(array_column($of, 'missed')),
            1000 * array_sum(array_column($of, 'bad_runs')) / max(1, array_sum(array_column($of, 'sessions'))),
            100 * array_sum(array_column($of, 'reversals')) / max(1, array_sum(array_column($of, 'sessions'))),
        );
    }
}
printf(
    "%-16s %-16s %5s %13s %13s %13s %13s %13s %13s %15s %13s\n",
    'policy',
    'model',
    'n',
    'failed % (se)',
    'lost % (se)',
    'wasted % (se)',
    'spare % (se)',
    'of main (se)',
    'weeks (se)',
    'lowerings (se)',
    'sore % (se)',
);
foreach ($policies as $policy) {
    foreach ([...array_column(ResponseModel::cases(), 'value'), 'all'] as $model) {
        $of = array_values(array_filter(
            $known,
            static fn (array $o): bool => $o['policy'] === $policy && $o['seed'] <= $count && ($model === 'all' || $o['model'] === $model),
        ));
        printf(
            "%-16s %-16s %5d %13s %13s %13s %13s %13s %13s %15s %13s\n",
            $policy,
            $model,
            count($of),
            share($of, 'failed', 'sets'),
            share($of, 'lost', 'sessions'),
            share($of, 'wasted', 'sessions'),
            share($of, 'wasted_sets', 'sets'),
            share($of, 'wasted_main', 'main'),
            mean($of, 'weeks'),
            mean($of, 'lowerings'),
            share($of, 'sore', 'sessions'),
        );
    }
}
foreach (array_slice($policies, 0, -2) as $policy) {
    foreach (['ten once', 'eight thrice'] as $thumb) {
        $longer = [];
        foreach ($known as $one) {
            $other = $known["{$one['model']} $thumb {$one['seed']}"] ?? null;
            if ($one['policy'] === $policy && $one['seed'] <= $count && $other !== null) {
                $longer[] = $one['weeks'] - $other['weeks'];
            }
        }
        $mean = array_sum($longer) / count($longer);
        $sd = sqrt(array_sum(array_map(static fn (float $w): float => ($w - $mean) ** 2, $longer)) / max(1, count($longer) - 1));
        printf(
            "%s against %s: %+.2f weeks to the first strict rep, 95 %% from %+.2f to %+.2f, %d pairs\n",
            $policy,
            $thumb,
            $mean,
            $mean - 1.96 * $sd / sqrt(count($longer)),
            $mean + 1.96 * $sd / sqrt(count($longer)),
            count($longer),
        );
    }
}
