<?php

declare(strict_types=1);

use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\Arrangement;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\NotDoable;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Gate;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Setup\Row\Knees;
use SteadyRung\Setup\Stack\Stance;

require_once dirname(__DIR__, 2).'/Support/plan.php';

/** Bars at the hip, the chest, at the raised forearm and out of reach, rings, weights and a machine. */
function arrangeableKit(): Kit
{
    return new Kit(
        [Bar::of('hip', 'Hip bar', 1.0), Bar::of('chest', 'Chest bar', 1.5), Bar::of('forearm', 'Forearm bar', 1.95), Bar::of('high', 'High bar', 2.5)],
        [band(22)],
        [RingPair::of('rings', 'Rings', 2.6, [1.4])],
        weights: [Weight::of('w15', '15 kg', 15.0), Weight::of('w25', '25 kg', 25.0), Weight::of('w60', '60 kg', 60.0)],
        machines: [Machine::of('tower', 'Tower', MachineUse::PullDown, 5.0, 60.0, 1.0)],
    );
}

/** @return list<Rung> */
function arranged(ChoiceKind $kind, Arrangement $as): array
{
    return AllowedExercises::of($kind, arranged: $as)->rungs(new RungSearch(arrangeableKit()), athlete(70, 1.75, 2.1));
}

it('builds a kind only as it is arranged', function (ChoiceKind $kind, Arrangement $as, Closure $is): void {
    $rungs = arranged($kind, $as);
    $means = AllowedExercises::of($kind, arranged: $as);

    expect($rungs)->not->toBeEmpty()
        ->and(array_filter($rungs, fn (Rung $r): bool => $is($r->exercise->setup) && $means->isDoneOn($r)))->toBe($rungs);
})->with([
    'seated' => [ChoiceKind::PullDown, Arrangement::Seated, fn ($c): bool => $c->stance === Stance::Seated],
    'kneeling' => [ChoiceKind::PullDown, Arrangement::Kneeling, fn ($c): bool => $c->stance === Stance::Kneeling],
    'from a bar' => [ChoiceKind::Row, Arrangement::OnBar, fn ($c): bool => $c->barId !== null && $c->knees === Knees::Straight],
    'knees bent' => [ChoiceKind::Row, Arrangement::KneesBent, fn ($c): bool => $c->knees === Knees::Bent],
    'weight in the lap' => [
        ChoiceKind::Foot,
        Arrangement::WeightInLap,
        fn ($c): bool => $c->barId !== 'high' && $c->footing->key() === '' && in_array($c->lapIds, [['w15'], ['w25']], true),
    ],
    'the bar at the forearm' => [ChoiceKind::Foot, Arrangement::BarAtForearm, fn ($c): bool => $c->barId === 'forearm' && $c->lapIds === []],
]);

it('gives rows with the knees bent as an interval, and lap weights their mass on top of the squat', function (): void {
    $bent = arranged(ChoiceKind::Row, Arrangement::KneesBent)[0];
    $lap = arranged(ChoiceKind::Foot, Arrangement::WeightInLap);
    $onChest = array_values(array_filter($lap, fn (Rung $r): bool => $r->exercise->setup->barId === 'chest'));

    expect($bent->load->shareRange[1])->toBeGreaterThan($bent->load->shareRange[0])
        ->and($onChest[1]->share() - $onChest[0]->share())->toEqualWithDelta(10.0 / 70.0, 1e-9)
        ->and($lap[0]->legsGiveTheRest())->toBeTrue()
        ->and($lap[0]->load->isCautioned())->toBeFalse();
});

it('refuses an arrangement of another kind', function (): void {
    AllowedExercises::of(ChoiceKind::Band, arranged: Arrangement::Kneeling);
})->throws(NotDoable::class, 'pulldown, band-pulldown');

it('begins a squat pull with the lightest weight, however strong, and climbs and steps down by the weights there are', function (
    int $reps,
    string $on,
    Verdict $verdict,
    ?array $next,
): void {
    $squat = AllowedExercises::of(ChoiceKind::Foot, arranged: Arrangement::WeightInLap);
    $method = Method::of('squat', 'Squat', 'Squat, then strict.', [2, 3], array_map(static fn (AllowedExercises $do): Stage => new Stage(
        $do->kind->value,
        ucfirst($do->kind->value),
        [2, 8],
        [work($do, 3, Amount::of(Measure::Reps, 10, 15), climbs: true)],
        Gate::of(Measure::Reps, 3, 12, 7, 2),
        1.0,
    ), [$squat, AllowedExercises::of(ChoiceKind::Strict)]));
    $inLap = static fn (string $weight): Rung => array_values(array_filter(
        arranged(ChoiceKind::Foot, Arrangement::WeightInLap),
        static fn (Rung $r): bool => $r->exercise->setup->barId === 'chest' && $r->exercise->setup->lapIds === [$weight],
    ))[0];
    $fresh = athleteContext([], 'foot', null, method: $method, kit: arrangeableKit());
    $context = athleteContext(sessionsOn($inLap($on), 3, $reps, 0), 'foot', $inLap($on), method: $method, kit: arrangeableKit());
    $call = Judge::call(SituationOf::context($context, Course::of($context)));

    expect(Course::of($fresh)->now->rung?->exercise->setup->lapIds)->toBe(['w15'])
        ->and([$call->verdict, $call->next?->exercise->setup->lapIds])->toBe([$verdict, $next]);
})->with([
    'met' => [13, 'w15', Verdict::Climb, ['w25']],
    'between' => [9, 'w15', Verdict::Stay, ['w15']],
    'missed' => [4, 'w25', Verdict::StepDown, ['w15']],
]);
