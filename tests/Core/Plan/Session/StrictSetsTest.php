<?php

declare(strict_types=1);

use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\SessionWriter;
use SteadyRung\Plan\Session\Strict\StrictGoal;

require_once __DIR__.'/../../Support/plan.php';

/** Somebody on a thin band for weeks, who did so many strict reps in a set so many days ago. */
function onBandWith(int $strictReps, int $daysAgo = 4, int $inBand = 11, string $stage = 'bands'): AthleteContext
{
    $strict = rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1));
    $work = sessionsOn(bandRung(22), 12, $inBand, 2);
    $tried = done(WEDNESDAY - $daysAgo, $strict, $strictReps, 0, purpose: Purpose::Test, askedReps: 1, toFailure: true);

    return athleteContext([...$work, $tried], $stage, $stage === 'strict' ? $strict : bandRung(22));
}

it('writes strict sets, fresh, before the work of the stage once a strict rep was done', function (
    int $reps,
    int $inBand,
    int $low,
    int $high,
): void {
    $main = blocksOf(SessionWriter::write(onBandWith($reps, inBand: $inBand)), SessionPart::Main);

    expect($main)->toHaveCount(2)
        ->and($main[0]->rung()?->exercise->setup)->toBeInstanceOf(StrictPull::class)
        ->and([$main[0]->sets, $main[0]->amount->low, $main[0]->amount->high, $main[0]->purpose])->toBe([3, $low, $high, null])
        ->and($main[1]->rung()?->key())->toBe(bandRung(22)->key());
})->with(['one' => [1, 6, 1, 1], 'four' => [4, 11, 3, 4]]);

it('writes none before a first rep, where none is likely any more, nor where the stage has its own', function (): void {
    $faded = onBandWith(2, daysAgo: 40, inBand: 1);
    $isStrict = fn (AthleteContext $context): int => count(array_filter(
        blocksOf(SessionWriter::write($context), SessionPart::Main),
        fn ($b): bool => $b->rung()?->exercise->setup instanceof StrictPull,
    ));

    expect($isStrict(onBandWith(0)))->toBe(0)
        ->and($faded->diary->mostStrict())->toBe(2)
        ->and($isStrict($faded))->toBe(0)
        ->and($isStrict(onBandWith(4, stage: 'strict')))->toBe(1);
});

it('tests the next number of reps, in the session as in the call', function (): void {
    $strong = onBandWith(2, daysAgo: 14, inBand: 19);
    $goal = StrictGoal::of($strong);
    $tests = blocksOf(SessionWriter::write($strong), SessionPart::Test);

    expect($goal?->reps)->toBe(3)
        ->and($goal?->chance)->toBeGreaterThan(0.5)
        ->and([$tests[0]->amount->high, $tests[0]->purpose])->toBe([3, Purpose::Test])
        ->and($tests[0]->note)->toStartWith('3 strict reps: ')
        ->and(SituationOf::context($strong, Course::of($strong))?->signs->goal)->toEqual($goal)
        ->and(blocksOf(SessionWriter::write(onBandWith(2, daysAgo: 9, inBand: 19)), SessionPart::Test))->toBe([]);
});

it('keeps strict sets beside the stage out of its gate', function (): void {
    $strict = rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1));
    $work = sessionsOn(bandRung(22), 4, 9, 2);
    $beside = array_map(fn (int $ago): object => done(WEDNESDAY - $ago, $strict, 1, 1, atS: -600.0), [3, 5, 6]);
    $sessions = fn (array $done): array => array_map(
        fn ($s): array => [$s->day, $s->clean],
        SituationOf::context($c = athleteContext($done, rung: bandRung(22)), Course::of($c))?->sessions ?? [],
    );

    expect($sessions([...$work, ...$beside]))->toBe($sessions($work))->toHaveCount(4);
});
