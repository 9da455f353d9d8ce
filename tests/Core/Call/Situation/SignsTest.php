<?php

declare(strict_types=1);

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\PlaceAfter;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\FromEstimate;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Kit;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Gate;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Safety\Caution;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Safety\Symptom;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Strength\Estimate;

function callOf(AthleteContext $context)
{
    return Judge::call(SituationOf::context($context, Course::of($context)));
}

it('refers for a symptom told without a set, with emergency care first where it is dangerous', function (
    Symptom $symptom,
    Caution $first,
): void {
    $call = callOf(athleteContext(sessionsOn(bandRung(), 3), rung: bandRung(), signals: [Signal::of(WEDNESDAY, symptoms: [$symptom])]));

    expect($call->verdict)->toBe(Verdict::Refer)->and($call->cautions[0])->toBe($first)->and($call->next)->toBeNull();
})->with([
    [Symptom::DarkUrine, Caution::Emergency],
    [Symptom::Chest, Caution::Emergency],
    [Symptom::Swelling, Caution::Emergency],
    [Symptom::Numbness, Caution::StopForPain],
]);

it('rests for marked soreness, tells when it is nearly so, and forgets what was told days ago', function (
    int $soreness,
    int $daysAgo,
    Verdict $verdict,
    bool $isNear,
): void {
    $call = callOf(athleteContext(
        sessionsOn(bandRung(), 3, 6, 0),
        rung: bandRung(),
        signals: [Signal::of(WEDNESDAY - $daysAgo, $soreness)],
    ));

    expect($call->verdict)->toBe($verdict)
        ->and(in_array(Verdict::Rest, array_map(fn ($n) => $n->verdict, $call->nearly), true))->toBe($isNear);
})->with([
    [4, 0, Verdict::Rest, false],
    [5, 1, Verdict::Rest, false],
    [3, 0, Verdict::Stay, true],
    [2, 0, Verdict::Stay, false],
    [5, 6, Verdict::Stay, false],
]);

it('rests after two hard sessions far under what was foretold, and not where nobody told the effort', function (
    ?int $effort,
    bool $rests,
): void {
    $rung = bandRung();
    $done = [...sessionsOn($rung, 5, 10, 1, 9), ...sessionsOn($rung, 2, 6, 0)];
    $signals = $effort === null ? [] : array_map(fn (int $daysAgo): Signal => Signal::of(WEDNESDAY - $daysAgo, effort: $effort), [6, 3]);

    expect(callOf(athleteContext($done, rung: $rung, signals: $signals))->verdict === Verdict::Rest)->toBe($rests);
})->with([[9, true], [5, false], [null, false]]);

it('steps down where under seven in ten reps counted, or most lowerings dropped', function (): void {
    $rung = bandRung();
    $unclean = array_map(fn (int $i) => done(WEDNESDAY - 3, $rung, 6, 0, noCounts: 4), range(1, 3));
    $lowering = rung(smallGym(), Exercise::of(new StrictPull, Movement::Lowering, seconds: 3.0), athlete(70, 1.75, 2.1));
    $dropped = array_map(fn (int $i) => done(WEDNESDAY - 3, $lowering, 5, null, seconds: $i === 1 ? 4.0 : 1.5), range(1, 3));

    expect(callOf(athleteContext($unclean, rung: $rung))->verdict)->toBe(Verdict::StepDown)
        ->and(callOf(athleteContext($unclean, rung: $rung))->reasons[0]->figure)->toEqualWithDelta(0.6, 1e-9)
        ->and(
            callOf(athleteContext([...sessionsOn(bandRung(13), 3, 8, 2, 9), ...$dropped], 'lowering', $lowering))->verdict,
        )->toBe(Verdict::StepDown);
});

it('switches when the grip gives out twice running, when it takes no hold, and when the gear is gone; to another exercise near that share', function (
    array $signals,
    ?string $missing,
): void {
    $rung = bandRung();
    $call = callOf(athleteContext(sessionsOn($rung, 3, 7, 1), rung: $rung, signals: $signals, missing: $missing, kit: gymWithHoist()));

    expect($call->verdict)->toBe(Verdict::SwitchTo)
        ->and($call->next)->not->toBeNull()
        ->and(abs($call->next->share() - $rung->share()))->toBeLessThan(0.041);
})->with([
    'grip' => [
        [Signal::of(WEDNESDAY - 6, limitingFactor: LimitingFactor::Grip), Signal::of(WEDNESDAY - 3, limitingFactor: LimitingFactor::Grip)],
        null,
    ],
    'no hold' => [[Signal::of(WEDNESDAY - 3, takesHold: false)], null],
    'gear' => [[], 'The kit lacks the band b29.'],
]);

it('does not switch back to what was left a few weeks ago, and never onto help that nobody measured', function (): void {
    $signals = [Signal::of(WEDNESDAY - 3, takesHold: false)];
    $call = fn (array $before): Call => callOf(athleteContext(
        [...$before, ...sessionsOn(bandRung(), 3, 7, 1)],
        rung: bandRung(),
        signals: $signals,
        kit: gymWithHoist(),
    ));
    $first = $call([])->next;

    expect($first->holds())->toBeTrue()
        ->and($call(sessionsOn($first, 2, 8, 2, lastDaysAgo: 20))->next?->key())->not->toBe($first->key())
        ->and($call(sessionsOn($first, 2, 8, 2, lastDaysAgo: 50))->next?->key())->toBe($first->key());
});

it('does not switch where this kit has nothing at about that share', function (): void {
    $call = callOf(athleteContext(
        sessionsOn(bandRung(), 3, 7, 1),
        rung: bandRung(),
        signals: [Signal::of(WEDNESDAY - 3, takesHold: false)],
    ));

    expect($call->verdict)->toBe(Verdict::Stay)->and(array_map(fn ($n) => $n->verdict, $call->nearly))->toContain(Verdict::SwitchTo);
});

it('does not switch for one session of grip, and says it was near', function (): void {
    $call = callOf(athleteContext(
        sessionsOn(bandRung(), 3, 7, 1),
        rung: bandRung(),
        signals: [Signal::of(WEDNESDAY - 3, limitingFactor: LimitingFactor::Grip)],
    ));

    expect($call->verdict)->toBe(Verdict::Stay)->and(array_map(fn ($n) => $n->verdict, $call->nearly))->toContain(Verdict::SwitchTo);
});

it('climbs without a gate session where eight are likely on the next rung', function (): void {
    $rung = bandRung(44);
    $call = callOf(athleteContext(sessionsOn($rung, 1, 10, 5), rung: $rung));
    $sure = callOf(athleteContext(sessionsOn($rung, 3, 15, 2), rung: $rung));

    expect($sure->verdict)->toBe(Verdict::Climb)
        ->and($sure->next->share())->toBeGreaterThan($rung->share())
        ->and($call->verdict)->toBeIn([Verdict::Stay, Verdict::Climb, Verdict::Test]);
});

it('tests where a strict rep is as likely as not, and not within five days of a try', function (?int $triedDaysAgo, Verdict $verdict): void {
    $rung = bandRung(13);
    $done = sessionsOn($rung, 4, 7, 1);
    if ($triedDaysAgo !== null) {
        $done[] = done(WEDNESDAY - $triedDaysAgo, rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1)), 0, 0, purpose: Purpose::Try);
    }

    expect(callOf(athleteContext($done, rung: $rung))->verdict)->toBe($verdict);
})->with([[null, Verdict::Test], [5, Verdict::Test], [4, Verdict::Stay]]);

it('leads over the end of a stage, where the gate, the days and the hang are there', function (): void {
    $rung = rung(smallGym(), OnBands::of('high', Attach::Knee, ['b13']), athlete(70, 1.75, 2.1));
    $done = sessionsOn($rung, 4, 9, 1);
    $context = athleteContext(
        [...$done, done(WEDNESDAY - 4, rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1)), 0, 0, purpose: Purpose::Try)],
        rung: $rung,
    );
    $course = Course::of($context);
    $call = Judge::call(SituationOf::context($context, $course));

    expect($course->endsStage())->toBeTrue()->and($call->verdict)->toBe(Verdict::Climb)
        ->and(PlaceAfter::call($call, $course, WEDNESDAY)->stage->key)->toBe('lowering')
        ->and(PlaceAfter::call($call, $course, WEDNESDAY)->since)->toBe(WEDNESDAY);
});

it('foretells the next stage from what is believed of its own pattern', function (): void {
    $method = Method::of('two', 'Two', 'Rows, then bands.', [2, 3], [
        new Stage(
            'rows',
            'Rows',
            [1, 4],
            [work(AllowedExercises::of(ChoiceKind::Row))],
            Gate::of(Measure::Reps, 3, 8, 5, 1),
            0.6,
        ), ...smallMethod()->stages,
    ]);
    $row = (new SearchedRungs(new RungSearch(smallGym()), athlete(70, 1.75, 2.1)))->rungs(AllowedExercises::of(ChoiceKind::Row))[0];
    $context = athleteContext(
        [...sessionsOn(bandRung(44), 1, 8, 1, 20), hang(WEDNESDAY - 20, 60.0), ...sessionsOn($row, 3, 10, 4)],
        'rows',
        $row,
        method: $method,
    );
    $situation = SituationOf::context($context, Course::of($context));
    $next = $situation->steps->up;

    expect($next?->exercise->setup->kind())->toBe(ChoiceKind::Band)
        ->and($situation->chanceOf($next, 1))->toBe($context->estimate($next)->onRung($next)->chanceOf(1.0))
        ->and($situation->chanceOf($row, 8))->toBe($context->estimate($row)->onRung($row)->chanceOf(8.0))
        ->and($context->estimate($next)->state->share())->not->toEqualWithDelta($context->estimate($row)->state->share(), 0.01);
});

it('needs one session where the house confirms nothing twice', function (): void {
    $rung = bandRung(44);
    $once = fn (HouseRules $rules) => callOf(athleteContext(
        [...sessionsOn($rung, 3, 7, 3, 9), ...sessionsOn($rung, 1, 8, 2)],
        rung: $rung,
        rules: $rules,
    ));

    expect($once(HouseRules::usual())->verdict)->toBe(Verdict::Stay)
        ->and($once(HouseRules::of(['confirm' => 'no']))->verdict)->toBe(Verdict::Climb);
});

it('keeps its confidence as a number', function (): void {
    expect(array_map(fn (Confidence $c): float => $c->number(), Confidence::cases()))->toBe([0.9, 0.7, 0.4]);
});

it('has a situation where nothing can be built only for pain or a symptom, which stop the pulling all the same', function (
    array $told,
    bool $is,
): void {
    $context = athleteContext(
        signals: array_map(
            fn (string $what): Signal => $what === 'pain'
                ? Signal::of(WEDNESDAY, pain: Pain::of(PainPlace::Elbow, 3))
                : Signal::of(WEDNESDAY, symptoms: [Symptom::Numbness]),
            $told,
        ),
        kit: new Kit,
    );

    expect(SituationOf::context($context, Course::of($context)) !== null)->toBe($is);
})->with([[[], false], [['pain'], true], [['symptom'], true], [['pain', 'symptom'], true]]);

it('foretells a rung of another pattern from what is believed of that one, and from the only belief where there is no other', function (): void {
    $kit = fineKit();
    [$band, $row] = [rung($kit, on('d')), rung(smallGym(), InRow::onRings('rings', 1.5, 0.3))];
    $own = estimateOf(1.0);
    $elsewhere = fn (): Estimate => estimateOf(0.5);

    expect((new FromEstimate($own, $band, $elsewhere))->reps($row)?->median())->toBe(estimateOf(0.5)->onRung($row)?->median())
        ->and((new FromEstimate($own, $band, $elsewhere))->reps($band)?->median())->toBe($own->onRung($band)?->median())
        ->and((new FromEstimate($own, null, $elsewhere))->reps($row)?->median())->toBe($own->onRung($row)?->median())
        ->and((new FromEstimate($own, $band))->reps($row)?->median())->toBe($own->onRung($row)?->median());
});
