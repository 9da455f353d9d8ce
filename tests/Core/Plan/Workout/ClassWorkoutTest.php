<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Variation;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Workout\ClassWorkout;
use SteadyRung\Plan\Workout\Part;
use SteadyRung\Plan\Workout\Task;
use SteadyRung\Safety\Symptom;

require_once __DIR__.'/../../Support/plan.php';

/** @return list<Variation> rows for many, bands for fewer, strict for few, and one beside the pull */
function variations(): array
{
    return [
        new Variation('rows', 'Rows', [10, 30], [AllowedExercises::of(ChoiceKind::Row)], null, null),
        new Variation('bands', 'Strict band reps', [5, 12], [AllowedExercises::of(ChoiceKind::Band, toShare: 0.95)], null, null),
        new Variation('strict', 'Strict pull-ups', [1, 10], [AllowedExercises::of(ChoiceKind::Strict)], null, null),
        new Variation('dumbbell', 'Dumbbell row', [1, 30], [], Accessory::DumbbellRow, null),
    ];
}

/** Somebody who has done so many reps on a band for weeks. */
function onBand(int $mm, int $reps, mixed ...$more): AthleteContext
{
    return athleteContext(...['done' => sessionsOn(bandRung($mm), 14, $reps, 2, lastDaysAgo: 4), 'rung' => bandRung($mm), ...$more]);
}

function partOf(AthleteContext $context, string $task = '21-15-9 pulls', int $set = 10): Part
{
    return (new ClassWorkout(Task::read($task), $set, variations()))->add($context);
}

it('gives each the hardest variation the task can be done on in sets of that length', function (): void {
    $strong = athleteContext(sessionsOn(bandRung(13), 14, 30, 2, lastDaysAgo: 4), rung: bandRung(13));
    $fair = partOf(onBand(22, 10));
    $weak = partOf(onBand(44, 4));

    expect(partOf($strong)->variation?->key)->toBe('strict')
        ->and($fair->variation?->key)->toBe('bands')
        ->and(array_map(array_sum(...), $fair->split->rounds))->toBe([21, 15, 9])
        ->and(max(array_merge(...$fair->split->rounds)))->toBeLessThanOrEqual(10)
        ->and($fair->note)->toBeNull()
        ->and(partOf(onBand(22, 10), set: 21)->variation?->key)->toBe('rows')
        ->and(partOf(onBand(44, 8), '5 rounds, 3 pulls')->rung?->exercise->setup->kind())->toBe(ChoiceKind::Band)
        ->and($weak->rung === null || $weak->rung->load->effectiveShare() < $fair->rung->load->effectiveShare())->toBeTrue();
});

it('keeps to the week’s hard sets, to pain, and off the bar whoever is sore or has trained', function (): void {
    $painful = onBand(22, 10, signals: [Signal::of(WEDNESDAY - 1, symptoms: [Symptom::Numbness])]);
    $sore = partOf(onBand(22, 10, signals: [Signal::of(WEDNESDAY, 4)]));
    $newcomer = athleteContext(sessionsOn(bandRung(22), 3, 10, 2), rung: bandRung(22));
    $hard = partOf($newcomer, '11 x 10');

    expect(partOf(athleteContext())->note)->toBe('Nothing is logged yet: take the baselines first.')
        ->and(partOf($painful)->variation)->toBeNull()->and(partOf($painful)->note)->toContain('licensed clinician')
        ->and($sore->rung?->lane())->not->toBe(Lane::Pull)->and($sore->note)->toBe('Rows and pull-downs only: sore.')
        ->and($hard->rung?->lane())->not->toBe(Lane::Pull);
});

it('leaves a band to whoever has it, and lets three take turns on one set-up', function (): void {
    $workout = new ClassWorkout(Task::read('21-15-9'), 10, [variations()[1]]);
    $parts = array_map(fn (): Part => $workout->add(onBand(22, 10)), range(1, 5));
    $keys = array_map(fn (Part $p): ?string => $p->rung?->key(), $parts);
    $bands = array_map(fn (Part $p): array => $p->rung?->exercise->setup->bandIds() ?? [], $parts);

    expect(array_count_values(array_filter($keys)))->each->toBeLessThanOrEqual(3)
        ->and($keys[0])->toBe($keys[1])->toBe($keys[2])->not->toBe($keys[3])
        ->and(array_intersect($bands[0], $bands[3]))->toBe([]);
});

it('halves the task for whom the whole is not likely, and says so', function (): void {
    $only = new ClassWorkout(Task::read('2 rounds, 30 pulls'), 10, [variations()[2]]);
    $part = $only->add(athleteContext(sessionsOn(bandRung(13), 14, 11, 2, lastDaysAgo: 4), rung: bandRung(13)));

    expect(array_map(array_sum(...), $part->split->rounds ?? []))->toBe([15, 15])->and($part->note)->toStartWith('Half of each round')
        ->and($only->add(onBand(44, 3))->note)->toBe('Nothing in this kit is free and likely for this task.');
});
