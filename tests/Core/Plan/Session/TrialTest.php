<?php

declare(strict_types=1);

use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\SessionWriter;
use SteadyRung\Plan\Session\Trial;
use SteadyRung\Setup\BandHazard;

require_once __DIR__.'/../../Support/plan.php';

/** A session on the thick band: ten each time, of which nobody says what was left; eight are not likely enough on the next set-up. */
function easyWork(?int $reserve = null, int $reps = 10, int $lastDaysAgo = 3): array
{
    return array_map(
        static fn (Done $d): Done => new Done(...[...get_object_vars($d), 'reserve' => $reserve]),
        sessionsOn(bandRung(44), 1, $reps, 0, $lastDaysAgo),
    );
}

/** A trial before the work of a day. */
function tried(int $daysAgo, Rung $on, int $reps, ?int $reserve = 0): Done
{
    return done(WEDNESDAY - $daysAgo, $on, $reps, $reserve, askedReps: 7, atS: 0.0);
}

/** @param  list<Done>  $trials  each with a set of work after it */
function afterTrials(array $trials, array $signals = [], ?int $lastDaysAgo = null): AthleteContext
{
    $work = array_map(static fn (Done $d): Done => done($d->day, bandRung(44), 10, null, atS: 400.0), $trials);
    $sets = [];
    foreach ($trials as $i => $trial) {
        array_push($sets, $trial, $work[$i]);
    }

    return athleteContext([...easyWork(lastDaysAgo: $lastDaysAgo ?? 20), ...$sets], rung: bandRung(44), signals: $signals);
}

function trialIn(AthleteContext $context): ?Block
{
    return array_values(array_filter(SessionWriter::write($context)->blocks, static fn (Block $b): bool => $b->line === Trial::LINE))[0] ?? null;
}

it('writes one set on a harder rung first, where the work was at its top and nobody knows how much was left', function (
    ?int $reserve,
    int $reps,
    bool $isDue,
): void {
    $context = athleteContext(easyWork($reserve, $reps), rung: bandRung(44));
    $trial = trialIn($context);
    $main = blocksOf(SessionWriter::write($context), SessionPart::Main);

    expect($trial !== null)->toBe($isDue);
    if ($trial !== null) {
        expect($main[0])->toEqual($trial)
            ->and($main[1]->rung()?->key())->toBe(bandRung(44)->key())
            ->and([$trial->sets, $trial->amount->low, $trial->amount->high])->toBe([1, 7, 9])
            ->and($trial->rung()?->share())->toBeGreaterThan(bandRung(44)->share())
            ->and($context->estimate($trial->rung())->onRung($trial->rung())?->chanceOf(8.0))->toBeLessThan(0.8)
            ->and($trial->note)->toContain('a miss does no harm');
    }
})->with([
    'nobody said' => [null, 10, true],
    'under the top' => [null, 9, false],
    'little left' => [2, 10, false],
]);

it('writes none within seven days of the last, none to somebody sore, none after two weeks away', function (Closure $context, bool $isDue): void {
    expect(trialIn($context()) !== null)->toBe($isDue);
})->with([
    'missed six days ago' => [fn () => afterTrials([tried(6, bandRung(29), 3)]), false],
    'missed a week ago' => [fn () => afterTrials([tried(7, bandRung(29), 3)]), true],
    'sore' => [fn () => athleteContext(easyWork(), rung: bandRung(44), signals: [Signal::of(WEDNESDAY, 4)]), false],
    'away' => [fn () => athleteContext(easyWork(lastDaysAgo: 15), rung: bandRung(44)), false],
]);

it('repeats a trial that was passed, reps and reserve together, and calls for it once two running were', function (
    array $trials,
    bool $isRepeated,
    bool $isCalled,
): void {
    $context = afterTrials(array_map(static fn (array $t): Done => tried($t[0], bandRung(29), $t[1], $t[2]), $trials));
    $call = Judge::call(SituationOf::context($context, Course::of($context)));

    expect(trialIn($context)?->rung()?->key() === bandRung(29)->key())->toBe($isRepeated)
        ->and($call->rule === 'tried')->toBe($isCalled);
    if ($isCalled) {
        expect([$call->verdict, $call->next?->key()])->toBe([Verdict::Climb, bandRung(29)->key()])
            ->and(Course::of($context)->up?->rung?->key())->toBe(bandRung(29)->key());
    }
})->with([
    'one passed' => [[[3, 5, 2]], true, false],
    'one missed' => [[[3, 5, 1]], false, false],
    'two running' => [[[6, 7, 0], [3, 5, 2]], false, true],
    'a miss between' => [[[6, 4, 0], [3, 7, 0]], true, false],
]);

it('holds its rungs to the same cautions as any other', function (): void {
    $trial = trialIn(athleteContext(easyWork(), rung: bandRung(44)));

    expect($trial?->rung()?->holds())->toBeTrue()
        ->and($trial->rung()->load->hazard?->liftOff() ?? 0.0)->toBeLessThanOrEqual(BandHazard::MOST_LIFT_OFF);
});
