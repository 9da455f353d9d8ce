<?php

declare(strict_types=1);

use SteadyRung\Call\Call;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Gate;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\SessionWriter;

require_once __DIR__.'/../../Support/plan.php';

/** Weeks of good sets, then two sessions of so many reps at an effort, three and six days ago. */
function afterTwoHard(int $reps, int $effort = 9, int $today = WEDNESDAY): AthleteContext
{
    $rung = bandRung(32);

    return athleteContext(
        [
            ...sessionsOn($rung, 12, 9, 1, lastDaysAgo: 9),
            ...sessionsOn($rung, 2, $reps, 0),
        ],
        rung: $rung,
        signals: [Signal::of(WEDNESDAY - 6, effort: $effort), Signal::of(WEDNESDAY - 3, effort: $effort)],
        today: $today,
    );
}

function judged(AthleteContext $context): Call
{
    return Judge::call(SituationOf::context($context, Course::of($context)));
}

it('rests after two hard sessions far under what was foretold, and the next session is easier', function (): void {
    [$tired, $fresh] = [afterTwoHard(6), afterTwoHard(6, effort: 6)];
    $work = fn (AthleteContext $c) => blocksOf(SessionWriter::write($c), SessionPart::Main)[0];

    expect([judged($tired)->verdict, judged($tired)->rule])->toBe([Verdict::Rest, 'falls-off'])
        ->and(judged($fresh)->verdict)->not->toBe(Verdict::Rest)
        ->and($tired->isEased())->toBeTrue()->and($fresh->isEased())->toBeFalse()
        ->and($work($tired)->sets)->toBe($work($fresh)->sets - 1)
        ->and($work($tired)->rung()->share())->toBeLessThan($work($fresh)->rung()->share())
        ->and(blocksOf(SessionWriter::write($tired), SessionPart::Test))->toBe([])
        ->and(implode(' ', SessionWriter::write($tired)->notes))->toContain('Two hard sessions far under what was foretold')
        ->and(afterTwoHard(6, today: WEDNESDAY + 5)->isEased())->toBeFalse();
});

it('steps down where the work failed too, to what is likely again, and still eases the next session', function (): void {
    $context = afterTwoHard(3);
    $call = judged($context);
    $course = Course::of($context);
    $next = $context->estimate($call->next)->onRung($call->next);

    expect([$call->verdict, $call->rule])->toBe([Verdict::StepDown, 'below-floor'])
        ->and($context->isEased())->toBeTrue()
        ->and($call->next->key())->toBe($course->down?->rung?->key())
        ->and($next?->chanceOf(7.0))->toBeGreaterThanOrEqual(0.85)
        ->and(array_map(fn ($n): string => $n->rule, $call->nearly))->toContain('falls-off');
});

it('goes on by the calendar when the weeks of a part are over, and says whether its gate was met', function (
    int $days,
    int $reps,
    ?string $rule,
    string $said,
): void {
    $part = fn (string $key, float $to): Stage => new Stage(
        $key,
        ucfirst($key),
        [2, 2],
        [work(AllowedExercises::of(ChoiceKind::Band, toShare: $to), 3, Amount::of(Measure::Reps, 8, 10), climbs: true)],
        Gate::of(Measure::Reps, 3, 8, 4),
        1.0,
        endsByDate: true,
    );
    $method = Method::of('calendar', 'Calendar', 'Two parts.', [2, 3], [
        $part('first', 0.95),
        $part('second', 0.95),
        new Stage(
            'strict',
            'Strict',
            [4, 8],
            [work(AllowedExercises::of(ChoiceKind::Strict), 3, Amount::of(Measure::Reps, 3, 5))],
            Gate::of(Measure::Reps, 3, 3, 1, 2),
            1.0,
        ),
    ]);
    $rung = bandRung(44);
    $context = athleteContext(sessionsOn($rung, 5, $reps, 1), 'first', $rung, method: $method, since: WEDNESDAY - $days);
    $call = judged($context);

    expect($call->rule === 'by-date' ? 'by-date' : null)->toBe($rule);
    if ($rule !== null) {
        expect(Course::of($context)->up?->stage->key)->toBe('second')->and($call->reasons[1]->text)->toContain($said);
    }
})->with([
    'a day before' => [13, 8, null, ''],
    'over, the gate met' => [14, 8, 'by-date', '3 × 8 clean, was met last time.'],
    'over, the gate not met' => [14, 6, 'by-date', '3 × 8 clean, was not met.'],
]);
