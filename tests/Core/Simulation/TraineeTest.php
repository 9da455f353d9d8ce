<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Simulation\Apprenticeship;
use SteadyRung\Simulation\DaySets;
use SteadyRung\Simulation\ResponseModel;
use SteadyRung\Simulation\RuleOfThumb;
use SteadyRung\Simulation\TrainedDay;
use SteadyRung\Simulation\Trainee;
use SteadyRung\Simulation\VirtualAthlete;

function trainee(int $seed = 5, float $capacity = 0.75, float $bandSd = 0.03): Trainee
{
    return new Trainee(VirtualAthlete::drawn(ResponseModel::FitnessFatigue, $seed, $capacity), $bandSd);
}

/** Work on a rung: so many sets of so many. */
function blockOn(Rung $rung, int $sets = 3, ?Amount $amount = null, bool $toFailure = false, SessionPart $part = SessionPart::Main): Block
{
    return new Block($part, $rung, $sets, $amount ?? Amount::of(Measure::Reps, 6, 8), 120, toFailure: $toFailure);
}

function lowered(): Rung
{
    return rung(smallGym(), Exercise::of(new StrictPull, Movement::Lowering, seconds: 3.0), athlete(70, 1.75, 2.1));
}

it('does what is asked where it can, and never more than it can', function (): void {
    foreach (range(1, 30) as $seed) {
        $trainee = trainee($seed);
        $rung = bandRung(44);
        $failure = $trainee->failure($rung, 0);
        $sets = $trainee->do(blockOn($rung), 3, 0.0);
        expect($sets)->toHaveCount(3)->and($sets[0]->reps)->toBeLessThanOrEqual(min(8, $failure))
            ->and($sets[0]->reserve === null || $sets[0]->reserve >= 0)->toBeTrue()
            ->and($trainee->do(blockOn($rung, 1, toFailure: true), 3, 600.0)[0]->reps)->toBe($failure);
    }
});

it('tells its sets in their order, with rests between, and nothing of work beside the pull', function (): void {
    $sets = trainee()->do(blockOn(bandRung(44)), 7, 100.0);

    expect(array_map(fn (Done $d): float => $d->atS, $sets))->toBe([100.0, 260.0, 420.0])
        ->and(array_unique(array_map(fn (Done $d): int => $d->day, $sets)))->toBe([7])
        ->and(trainee()->do(new Block(SessionPart::Trunk, Accessory::Plank, 2, Amount::of(Measure::Seconds, 30), 60), 7, 0.0))->toBe([]);
});

it('comes to a total of reps in as many sets as it takes, and stops there', function (): void {
    $sets = trainee()->do(blockOn(bandRung(29), 12, Amount::of(Measure::TotalReps, 20)), 3, 0.0);
    $reps = array_sum(array_map(fn (Done $d): int => (int) $d->reps, $sets));

    expect($reps)->toBeLessThanOrEqual(20)->and($reps === 20 || count($sets) === 12)->toBeTrue();
});

it('gets sore of lowerings, less each time, and over it in days', function (): void {
    $trainee = trainee();
    $after = function () use ($trainee): int {
        $trainee->do(blockOn(lowered(), 3, Amount::of(Measure::Reps, 5)), 3, 0.0);

        return $trainee->soreness();
    };
    $first = $after();
    $trainee->pass(10, true);
    expect($first)->toBeGreaterThanOrEqual(4)->and($trainee->soreness())->toBe(0);
    $later = $first;
    for ($i = 0; $i < 5; $i++) {
        $now = $after();
        expect($now)->toBeLessThanOrEqual($later);
        $later = $now;
        $trainee->pass(10, true);
    }
    expect($later)->toBeLessThan($first);
});

it('hangs as long as the grip lasts, and longer with training, up to a bound', function (): void {
    $trainee = trainee();
    $hang = rung(smallGym(), Exercise::of(new StrictPull, Movement::Hold, HoldAt::Hang, 40.0), athlete(70, 1.75, 2.1));
    $seconds = fn (): float => (float) $trainee->do(blockOn($hang, 1, Amount::of(Measure::Seconds, 600), true), 3, 0.0)[0]->seconds;
    $at = [$seconds()];
    foreach (range(1, 80) as $i) {
        $trainee->pass(3, $i % 10 !== 0);
        $at[] = $seconds();
    }
    $sorted = $at;
    sort($sorted);

    expect($at)->toBe($sorted)->and($at[0])->toBe(22.0)->and(end($at))->toBe(90.0);
});

it('feels a band the same way each time: its error stays as long as the band', function (): void {
    $estimated = rung(
        new Kit([Bar::of('bar', 'Bar', 2.6)], [LoopBand::of('guess', 'Guess', 1.0, 29.0, 4.5)]),
        OnBands::of('bar', Attach::Foot, ['guess']),
        athlete(70, 1.75, 2.1),
    );
    $failures = fn (float $bandSd): array => array_map(
        fn (int $seed): int => trainee($seed, 0.8, $bandSd)->failure($estimated, 0),
        range(1, 200),
    );
    $spread = function (array $of): float {
        $mean = array_sum($of) / count($of);

        return sqrt(array_sum(array_map(fn (int $n): float => ($n - $mean) ** 2, $of)) / count($of));
    };

    expect($failures(0.03))->toBe($failures(0.03))->and($spread($failures(0.2)))->toBeGreaterThan(1.1 * $spread($failures(0.0)));
});

it('judges a day: what failed, what was too easy, what was lost', function (
    array $sets,
    int $work,
    int $failed,
    bool $wasted,
    bool $lost,
): void {
    $rung = bandRung(29);
    $day = new DaySets(array_map(fn (array $set): Done => done(3, $rung, $set[0], $set[1], askedReps: 8), $sets));

    expect([
        $day->work(),
        $day->failed(),
        $day->isWasted(),
        $day->isLost(),
        $day->lowerings(),
        $day->strictReps(),
    ])->toBe([$work, $failed, $wasted, $lost, 0, 0]);
})->with([
    'as asked' => [[[8, 2], [8, 1]], 2, 0, false, false],
    'each less than six tenths' => [[[4, 0], [3, 0]], 2, 2, false, true],
    'one of two' => [[[4, 0], [8, 1]], 2, 1, false, false],
    'each too easy' => [[[8, 5], [8, 6]], 2, 0, true, true],
    'not told how easy' => [[[8, 5], [8, null]], 2, 0, false, false],
    'nothing' => [[], 0, 0, false, false],
]);

/** @return array<int, TrainedDay> */
function yearOf(int $seed, int $days = 120): array
{
    $ways = new SearchedRungs(new RungSearch(gymWithHoist()), athlete(70, 1.75, 2.1));

    return iterator_to_array(Apprenticeship::of(trainee($seed), smallMethod(), HouseRules::usual(), $ways, $days));
}

it('goes through a method the same way for the same seed, a session every two or three days, some missed', function (): void {
    [$one, $again, $other] = [yearOf(3), yearOf(3), yearOf(4)];
    $told = fn (array $year): array => array_map(
        fn (TrainedDay $d): array => [
            $d->day,
            $d->call?->verdict->value,
            array_map(fn (Done $s): array => [$s->reps, $s->seconds], $d->sets),
        ],
        array_values($year),
    );
    $gaps = array_map(fn (int $a, int $b): int => $b - $a, array_slice(array_keys($one), 0, -1), array_slice(array_keys($one), 1));

    expect($told($one))->toBe($told($again))->and($told($one))->not->toBe($told($other))
        ->and(min($gaps))->toBeGreaterThanOrEqual(2)
        ->and(max($gaps))->toBeGreaterThan(3)
        ->and(max(array_keys($one)))->toBeLessThanOrEqual(123);
});

it('stands only where its calls lead: one stage on at a time, and no rung without a call', function (): void {
    foreach ([3, 4, 5] as $seed) {
        $order = ['bands', 'lowering', 'strict'];
        $before = $firstLowered = null;
        foreach (yearOf($seed, 200) as $day) {
            $lowerings = $day->came()->lowerings();
            $firstLowered ??= $lowerings > 0 ? $day->day : null;
            expect($lowerings)->toBeLessThanOrEqual($firstLowered === null || $day->day - $firstLowered < 28 ? 15 : 24);
            if ($before !== null) {
                $moved = array_search($day->place->stage->key, $order, true) - array_search($before->place->stage->key, $order, true);
                expect($moved)->toBeIn([-1, 0, 1]);
            }
            $before = $day;
        }
    }
});

it('climbs a rule of thumb by the count it asks for, begins where eight go, and tries strict every four weeks', function (): void {
    $bands = [
        ...array_map(fn (int $mm): Rung => bandRung($mm), [44, 32, 29, 22, 19, 13]),
        rung(smallGym(), Exercise::of(new StrictPull), athlete(70, 1.75, 2.1)),
    ];
    foreach ([RuleOfThumb::tenOnce(), RuleOfThumb::eightThrice()] as $rule) {
        $at = -1;
        $tries = [];
        foreach ($rule->run(trainee(9), $bands, 200) as $day => $sets) {
            $work = array_values(array_filter($sets, fn (Done $d): bool => $d->purpose !== Purpose::Try));
            $now = (int) array_key_first(array_filter($bands, fn (Rung $b): bool => $work[0]->isOn($b)));
            expect($work)->toHaveCount(3)->and($now - max($at, 0))->toBeIn($at < 0 ? range(0, 6) : [0, 1]);
            $at = $now;
            $tries = count($sets) > 3 ? [...$tries, $day] : $tries;
        }
        expect(count($tries))->toBeGreaterThan(4)
            ->and(min(array_map(
                fn (int $a, int $b): int => $b - $a,
                array_slice($tries, 0, -1),
                array_slice($tries, 1),
            )))->toBeGreaterThanOrEqual(28);
    }
});
