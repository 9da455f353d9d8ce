<?php

declare(strict_types=1);

use SteadyRung\Call\Call;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Session\Course;

require_once __DIR__.'/../../Support/plan.php';

/** @param  list<Done>  $done */
function standingFor(int $days, array $done, ?HouseRules $rules = null): AthleteContext
{
    return athleteContext($done, rung: bandRung(44), rules: $rules, since: WEDNESDAY - $days);
}

function madeFor(AthleteContext $context): Call
{
    return Judge::call(SituationOf::context($context, Course::of($context)));
}

it('says after twice the usual weeks how long a stage lasts, what holds it and what else serves', function (
    int $days,
    Closure $done,
    ?string $cause,
): void {
    $call = madeFor(standingFor($days, $done()));
    $said = implode(' ', array_map(fn (Evidence $e): string => $e->text, $call->reasons));

    expect($call->verdict)->toBe(Verdict::Stay);
    if ($cause === null) {
        expect($said)->not->toContain('weeks at this stage');

        return;
    }
    expect($said)->toContain(intdiv($days, 7).' weeks at this stage, where 4 to 8 are usual.')->toContain($cause)
        ->and($call->missing[0])->toBe('The coach may go on to lowering by hand, and keep this work beside it.');
})->with([
    'a day before' => [111, fn () => sessionsOn(bandRung(44), 12, 6, 1), null],
    'twice the weeks' => [112, fn () => sessionsOn(bandRung(44), 12, 6, 1), 'The best set of four weeks is 6 clean; the gate asks 3 × 8 clean.'],
    'few sessions' => [120, fn () => sessionsOn(bandRung(44), 3, 6, 1, apart: 8), '3 of 12 planned sessions came in four weeks.'],
    'one set of the gate' => [120, fn () => array_map(
        fn (Done $d, int $i): Done => done($d->day, bandRung(44), $i % 3 === 0 ? 8 : 6, 1, atS: $d->atS),
        $all = sessionsOn(bandRung(44), 10),
        array_keys($all),
    ), 'Single sets come up to it, whole sessions do not'],
]);

it('takes the cause away: who then comes as planned, or meets the gate, is told so no more', function (): void {
    $causes = fn (AthleteContext $c): string => madeFor($c)->reasons[2]->text ?? '';

    expect($causes(standingFor(120, sessionsOn(bandRung(44), 3, 6, 1, apart: 8))))->toContain('planned sessions')
        ->and($causes(standingFor(120, sessionsOn(bandRung(44), 12, 6, 1))))->not->toContain('planned sessions')
        ->and(madeFor(standingFor(120, sessionsOn(bandRung(44), 12, 9, 2)))->verdict)->not->toBe(Verdict::Stay);
});
