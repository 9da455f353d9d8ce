<?php

declare(strict_types=1);

use SteadyRung\Call\House\RuleEffects;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\FootHelped;
use SteadyRung\Exercise\Choices\Footing;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\Weight;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Builders\Builder;
use SteadyRung\Method\Builders\Builders;
use SteadyRung\Method\Gate;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AthleteContext;

/** One stage of whatever, before strict work. */
function ruledStage(string $key, Prescription ...$lines): Stage
{
    $work = array_values(array_filter($lines, fn (Prescription $p): bool => $p->part === SessionPart::Main))[0];

    return new Stage(
        $key,
        ucfirst($key),
        [2, 8],
        array_values($lines),
        Gate::of($work->amount->measure, $work->sets, $work->amount->low, 1, 2),
        1.0,
    );
}

function ruledMethod(Stage ...$stages): Method
{
    $strict = new Stage(
        'strict',
        'Strict',
        [4, 12],
        [work(AllowedExercises::of(ChoiceKind::Strict), 3, Amount::of(Measure::Reps, 3, 5))],
        Gate::of(Measure::Reps, 3, 3, 1, 2),
        1.0,
    );

    return Method::of('drawn', 'Drawn', 'Whatever a rule is about.', [2, 3], [...array_values($stages), $strict]);
}

function gymWithEverything(): Kit
{
    return new Kit(
        smallGym()->bars,
        smallGym()->bands,
        smallGym()->ringPairs,
        smallGym()->boxes,
        weights: [Weight::of('disc', 'Disc', 5.0)],
        machines: [Machine::of('hoist', 'Hoist', MachineUse::Counterweight, 1.0, 80.0, 1.0)],
    );
}

/** @return array<string, AthleteContext> what the rules are held against, by what it is about */
function ruledSituations(): array
{
    $band = bandRung(44);
    $strict = rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1));
    $foot = rung(smallGym(), FootHelped::of('high', Footing::box('box'), 25.0), athlete(70, 1.75, 2.1));
    $lowering = AllowedExercises::of(ChoiceKind::Strict, Movement::Lowering, seconds: 3.0);
    $helped = Prescription::of(
        SessionPart::Main,
        [AllowedExercises::of(ChoiceKind::Foot), AllowedExercises::of(ChoiceKind::Band)],
        3,
        Amount::of(Measure::Reps, 6, 8),
        150,
    );
    $rows = ruledStage('rows', work(AllowedExercises::of(ChoiceKind::Row), 3, Amount::of(Measure::Reps, 5, 8)));
    $hops = ruledStage('hops', work(AllowedExercises::of(ChoiceKind::Hop), 2, Amount::of(Measure::Reps, 4, 5)));
    $manyHops = ruledStage('hops', work(AllowedExercises::of(ChoiceKind::Hop), 2, Amount::of(Measure::Reps, 15, 20)));
    $strong = sessionsOn($strict, 6, 3, 0);
    $downs = fn (int ...$days): array => array_map(
        fn (int $day) => done(
            $day,
            rung(smallGym(), Exercise::of(new StrictPull, Movement::Lowering, seconds: 3.0), athlete(70, 1.75, 2.1)),
            3,
            1,
            seconds: 3.0,
        ),
        $days,
    );
    $lowerings = ruledMethod(
        ruledStage('lowering', work($lowering, 3, Amount::of(Measure::Reps, 3, 5))),
        ruledStage('bands', work(AllowedExercises::of(ChoiceKind::Band), climbs: true)),
    );
    $machineOrBands = Prescription::of(
        SessionPart::Main,
        [AllowedExercises::of(ChoiceKind::Counterweight), AllowedExercises::of(ChoiceKind::Band)],
        3,
        Amount::of(Measure::Reps, 6, 8),
        150,
    );

    return [
        'on the ladder in bands' => athleteContext([...sessionsOn($band, 4), hang(WEDNESDAY - 9, 45.0)], rung: $band),
        'helped by feet or bands' => athleteContext(
            sessionsOn($foot, 4, 7),
            'helped',
            method: ruledMethod(ruledStage('helped', $helped)),
            kit: gymWithEverything(),
        ),
        'easy in bands, once' => athleteContext(sessionsOn($band, 1, 10, 3), rung: $band),
        'lowering' => athleteContext(sessionsOn(bandRung(22), 6, 6, 1), 'lowering', method: $lowerings),
        'lowered on Monday' => athleteContext(
            [...sessionsOn(bandRung(22), 6, 6, 1), ...$downs(WEDNESDAY - 2)],
            'lowering',
            method: $lowerings,
        ),
        'lowered on Monday and Tuesday' => athleteContext(
            [...sessionsOn(bandRung(22), 6, 6, 1), ...$downs(WEDNESDAY - 2, WEDNESDAY - 1)],
            'lowering',
            method: $lowerings,
        ),
        'on a machine or bands' => athleteContext(
            sessionsOn($band, 4),
            'helped',
            method: ruledMethod(ruledStage('helped', $machineOrBands)),
            kit: gymWithEverything(),
        ),
        'under the bar' => athleteContext(
            $strong,
            'chins',
            method: ruledMethod(ruledStage(
                'chins',
                work(AllowedExercises::of(ChoiceKind::Strict, grip: Grip::Under), 3, Amount::of(Measure::Reps, 1, 3)),
            )),
        ),
        'rows, ready for what hangs' => athleteContext(
            [
                ...sessionsOn(
                    rung(smallGym(), SteadyRung\Exercise\Choices\InRow::onRings('rings', 1.5, 0.3), athlete(70, 1.75, 2.1)),
                    4,
                    12,
                    4,
                ),
                hang(WEDNESDAY - 9, 35.0),
            ],
            'rows',
            method: ruledMethod($rows, ruledStage('bands', work(AllowedExercises::of(ChoiceKind::Band), climbs: true))),
        ),
        'hopping' => athleteContext(sessionsOn(bandRung(32), 4), 'hops', method: ruledMethod($hops)),
        'hopping many' => athleteContext(sessionsOn(bandRung(13), 6, 8, 2), 'hops', method: ruledMethod($manyHops)),
        'strict' => athleteContext($strong, 'strict', $strict),
        'five strict reps' => athleteContext(sessionsOn($strict, 6, 6, 0), 'strict', $strict),
        'chin-ups in strict work' => athleteContext(
            sessionsOn(rung(smallGym(), Exercise::of(new StrictPull, grip: Grip::Under), athlete(70, 1.75, 2.1)), 4, 6, 0),
            'strict',
            $strict,
            kit: gymWithEverything(),
        ),
        'eight strict reps, no builder chosen' => athleteContext(
            sessionsOn($strict, 12, 8, 0),
            'strict',
            $strict,
            kit: gymWithEverything(),
            builders: new Builders([
                new Builder(
                    'pre-tired',
                    'Pre-tired',
                    'Curls first.',
                    [2, 2],
                    5,
                    [
                        Prescription::of(SessionPart::Main, Accessory::Curl, 4, Amount::of(Measure::Reps, 20), 0, group: 'A'),
                        work(AllowedExercises::of(ChoiceKind::Strict), 4, Amount::of(Measure::Reps, 3, 8)),
                    ],
                    tires: true,
                ),
                new Builder(
                    'added-weight',
                    'Weight',
                    'Small steps.',
                    [4, 12],
                    6,
                    [work(AllowedExercises::of(ChoiceKind::Added), 3, Amount::of(Measure::Reps, 3, 5))],
                ),
            ]),
        ),
        'planned otherwise' => athleteContext(
            sessionsOn($band, 4),
            'bands',
            $band,
            method: ruledMethod(ruledStage(
                'bands',
                Prescription::of(SessionPart::Trunk, Accessory::Plank, 2, Amount::of(Measure::Seconds, 60), 60),
                work(AllowedExercises::of(ChoiceKind::Band), climbs: true),
            )),
        ),
        'at the machine' => athleteContext(
            sessionsOn($band, 4),
            'machine',
            method: ruledMethod(ruledStage(
                'machine',
                Prescription::of(
                    SessionPart::Main,
                    [AllowedExercises::of(ChoiceKind::Counterweight), AllowedExercises::of(ChoiceKind::Row)],
                    3,
                    Amount::of(Measure::Reps, 6, 8),
                    150,
                ),
            )),
            kit: gymWithEverything(),
        ),
    ];
}

$positions = [];
foreach (HouseRule::cases() as $rule) {
    foreach (array_keys(array_slice($rule->positions(), 1)) as $position) {
        $positions["$rule->value: $position"] = [$rule->value, $position];
    }
}

it('changes a session, a call, a card or a move with each position of each rule', function (string $rule, string $position): void {
    static $situations = null;
    $situations ??= ruledSituations();
    $changed = array_filter(array_map(
        fn (AthleteContext $c): array => RuleEffects::of($c, HouseRules::of([$rule => $position])),
        $situations,
    ));

    expect($changed)->not->toBe([], "$rule: $position");
})->with($positions);
