<?php

declare(strict_types=1);

use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\FootHelped;
use SteadyRung\Exercise\Choices\Footing;
use SteadyRung\Exercise\Choices\OnLowBar;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Fading;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Gate;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Setup\HelpGrade;

require_once __DIR__.'/../Support/plan.php';

/** @return list<string> the grades from a set-up on, with less of the foot each time */
function faded(?Exercise $from): array
{
    $grades = [];
    while (($from = $from === null ? null : Fading::less($from)) !== null) {
        $grades[] = $from->setup->grade()->value;
    }

    return $grades;
}

it('fades from the whole foot to one, and back; what has no feet in it does not', function (): void {
    $foot = Exercise::of(FootHelped::of('high', Footing::box('box')));
    $seat = Exercise::of(OnLowBar::of('low'));
    $less = Fading::less($foot);

    expect(faded($foot))->toBe(['heel', 'toes', 'one-foot'])
        ->and(faded($seat))->toBe(['heel', 'one-foot', 'none'])
        ->and(Fading::more($less)?->setup->grade())->toBe(HelpGrade::FlatFoot)
        ->and(Fading::more($foot))->toBeNull()
        ->and(Fading::less(Exercise::of(new StrictPull)))->toBeNull();
});

it('calls for less of the foot where the gate is met, and for more where it is missed, whatever is likely', function (int $reps, Verdict $verdict, ?HelpGrade $grade): void {
    $allowed = AllowedExercises::of(SteadyRung\Exercise\Choices\ChoiceKind::LowBar);
    $stage = fn (string $key, AllowedExercises $do): Stage => new Stage(
        $key,
        ucfirst($key),
        [2, 8],
        [work($do, 3, Amount::of(Measure::Reps, 10, 15))],
        Gate::of(Measure::Reps, 3, 15, 7, 2),
        1.0,
    );
    $method = Method::of('drawn', 'Drawn', 'Seat, then rows.', [2, 3], [
        $stage('seat', $allowed),
        $stage('strict', AllowedExercises::of(SteadyRung\Exercise\Choices\ChoiceKind::Strict)),
    ]);
    $heel = rung(gymWithLowBar(), OnLowBar::of('low', grade: HelpGrade::Heel), athlete(70, 1.75, 2.1));
    $context = athleteContext(sessionsOn($heel, 3, $reps, 0), 'seat', $heel, method: $method, kit: gymWithLowBar());
    $call = Judge::call(SituationOf::context($context, Course::of($context)));

    expect([$call->verdict, $call->next?->exercise->setup->grade()])->toBe([$verdict, $grade]);
})->with([
    'met' => [15, Verdict::Climb, HelpGrade::OneFoot],
    'between' => [10, Verdict::Stay, HelpGrade::Heel],
    'missed' => [4, Verdict::StepDown, HelpGrade::FlatFoot],
]);
