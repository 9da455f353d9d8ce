<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Kit;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\BadMethod;
use SteadyRung\Method\Gate;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\House\UnknownPosition;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Needs;
use SteadyRung\Method\Stage;
use SteadyRung\Method\StageKind;
use SteadyRung\OutOfRange;

function stageOf(
    string $key,
    AllowedExercises $allowed,
    ?Gate $gate = null,
    ?Amount $amount = null,
    int $sets = 3,
    bool $toFailure = false,
): Stage {
    return new Stage(
        $key,
        ucfirst($key),
        [2, 4],
        [work($allowed, $sets, $amount, toFailure: $toFailure)],
        $gate ?? Gate::of(Measure::Reps, 3, 8, 5, 2),
        1.0,
    );
}

function methodOf(Stage ...$stages): Method
{
    return Method::of('m', 'M', 'An idea.', [2, 3], array_values($stages));
}

it('knows its stages by their keys and in their order', function (): void {
    $method = smallMethod();

    expect($method->after($method->stage('bands'))?->key)->toBe('lowering')
        ->and($method->before($method->stage('lowering'))?->key)->toBe('bands')
        ->and($method->after($method->stage('strict')))->toBeNull()->and($method->before($method->stage('bands')))->toBeNull()
        ->and(fn () => $method->stage('kipping'))->toThrow(BadMethod::class, 'has no stage');
});

it('refuses what cannot be finished, goes in a circle, or breaks a cap, and says where', function (Closure $make, string $why): void {
    expect($make)->toThrow(BadMethod::class, $why);
})->with([
    'a gate beyond its work' => [
        fn () => methodOf(
            stageOf('rows', AllowedExercises::of(ChoiceKind::Row), Gate::of(Measure::Reps, 3, 12, 5)),
            stageOf('end', AllowedExercises::of(ChoiceKind::Strict)),
        ),
        'its gate asks 3 × 12',
    ],
    'a gate of more sets' => [
        fn () => methodOf(stageOf('end', AllowedExercises::of(ChoiceKind::Strict), Gate::of(Measure::Reps, 4, 8, 5))),
        'cannot be finished',
    ],
    'a gate in seconds of work in reps' => [
        fn () => methodOf(stageOf('end', AllowedExercises::of(ChoiceKind::Strict), Gate::of(Measure::Seconds, 1, 8, 5))),
        'cannot be finished',
    ],
    'a circle' => [
        fn () => methodOf(stageOf('rows', AllowedExercises::of(ChoiceKind::Row)), stageOf('rows', AllowedExercises::of(ChoiceKind::Row))),
        'stands twice',
    ],
    'no strict end' => [fn () => methodOf(stageOf('rows', AllowedExercises::of(ChoiceKind::Row))), 'never comes to a strict'],
    'too many lowerings' => [
        fn () => methodOf(
            stageOf(
                'low',
                AllowedExercises::of(ChoiceKind::Strict, Movement::Lowering, seconds: 3.0),
                null,
                Amount::of(Measure::Reps, 8, 12),
                8,
            ),
            stageOf('end', AllowedExercises::of(ChoiceKind::Strict)),
        ),
        '96 lowerings',
    ],
]);

it('lets a set to failure pass the count its work asks for', function (): void {
    expect(
        methodOf(stageOf('end', AllowedExercises::of(ChoiceKind::Strict), Gate::of(Measure::Reps, 1, 15, 5), toFailure: true))->stages,
    )->toHaveCount(1);
});

it('refuses figures outside their range', function (Closure $make): void {
    expect($make)->toThrow(OutOfRange::class);
})->with([
    [fn () => Amount::of(Measure::Reps, 0)], [fn () => Amount::of(Measure::Reps, 9, 8)], [fn () => Gate::of(Measure::Reps, 3, 8, 9)],
    [fn () => Gate::of(Measure::Reps, 3, 8, 5, 0)], [fn () => work(AllowedExercises::of(ChoiceKind::Row), 13)], [
        fn () => AllowedExercises::of(ChoiceKind::Row, fromShare: 0.9, toShare: 0.5),
    ],
]);

it('says gates and amounts in a coach’s words', function (): void {
    expect(Gate::of(Measure::Reps, 3, 8, 5, 2)->words())->toBe('3 × 8 in 2 sessions')
        ->and(Gate::of(Measure::Seconds, 1, 40, 10, 1, 21)->words())->toBe('40 s in one set, after 21 days at the least')
        ->and(Gate::of(Measure::TotalReps, 1, 55, 10)->words())->toBe('55 in all in 2 sessions')
        ->and(Amount::of(Measure::Reps, 8, 12)->words())->toBe('8–12')
        ->and(Amount::of(Measure::Seconds, 30)->words())->toBe('30 s')
        ->and(Amount::of(Measure::TotalReps, 30, 60)->words())->toBe('30–60 in all');
});

it('tells which stages a kit can build nothing for, and what a stage is made of', function (): void {
    expect(Needs::lackingStages(smallMethod(), smallGym()))->toBe([])
        ->and(Needs::lackingStages(smallMethod(), new Kit))->toBe(['Bands', 'Lowering', 'Strict'])
        ->and(array_map(
            fn (Stage $s): StageKind => $s->kind(),
            smallMethod()->stages,
        ))->toBe([StageKind::Help, StageKind::Timed, StageKind::Strict]);
});

it('finds on the gear what a means asks for, within its shares and from the easiest up', function (): void {
    $context = athleteContext();
    $rungs = $context->ways->rungs(AllowedExercises::of(ChoiceKind::Band, fromShare: 0.6, toShare: 0.8));
    $shares = array_map(fn ($r): float => $r->share(), $rungs);

    expect($rungs)->not->toBeEmpty()->and(min($shares))->toBeGreaterThanOrEqual(0.6)->and(max($shares))->toBeLessThanOrEqual(0.8)->and($shares)->toBe((function (array $s): array {
        sort($s);

        return $s;
    })($shares));
});

it('has a default for each house rule, its first position, and refuses what it does not know by naming what it does', function (): void {
    foreach (HouseRule::cases() as $rule) {
        expect(HouseRules::usual()->position($rule))->toBe($rule->default())->and($rule->positions())->toHaveKey($rule->default())
            ->and($rule->point())->not->toBe('');
    }
    expect(fn () => HouseRules::of(['kipping' => 'always']))->toThrow(UnknownPosition::class, 'after-strict, never')
        ->and(fn () => HouseRules::of(['music' => 'loud']))->toThrow(UnknownPosition::class, 'no house rule');
});

it('turns positions into figures', function (): void {
    $strict = HouseRules::of([
        'confirm' => 'no',
        'lowering' => 'never',
        'hang-first' => '60-s',
        'rest' => '60-s',
        'failure' => 'every-set',
        'bands' => 'avoid',
        'frequency' => '1-2',
    ]);
    $gate = Gate::of(Measure::Reps, 3, 8, 5, 2);

    expect([HouseRules::usual()->sessionsFor($gate), $strict->sessionsFor($gate)])->toBe([2, 1])
        ->and([HouseRules::usual()->loweringDays(), $strict->loweringDays()])->toBe([2, 0])
        ->and([HouseRules::usual()->hangFirstS(), $strict->hangFirstS()])->toBe([40, 60])
        ->and([HouseRules::usual()->reserve(), $strict->reserve()])->toBe([1, 0])
        ->and([HouseRules::usual()->allowsBands(), $strict->allowsBands()])->toBe([true, false])
        ->and([HouseRules::usual()->mostPerWeek(3), $strict->mostPerWeek(3)])->toBe([3, 2]);
});
