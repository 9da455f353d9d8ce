<?php

declare(strict_types=1);

use App\Formats\Json\Setups\ChoiceJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use App\Formats\Stored\StoredExercise;
use App\Formats\Unreadable;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\NotDoable;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\Width;

const BAR_ID = '01900000-0000-7000-8000-000000000001';

/** @return array<string, array{list<Exercise>}> whatever can be done on a few kinds, in every grip and every way up */
function everyManner(): array
{
    $kinds = [
        ['kind' => 'strict'],
        ['kind' => 'band', 'bar_id' => BAR_ID, 'attach' => 'foot', 'band_ids' => [BAR_ID]],
        ['kind' => 'row', 'bar_id' => BAR_ID, 'heel_mark_m' => 0.8],
        ['kind' => 'hop', 'bar_id' => BAR_ID, 'hop_m' => 0.25],
        ['kind' => 'pulldown', 'machine_id' => BAR_ID, 'stack_kg' => 30],
    ];
    $all = [];
    foreach ($kinds as $json) {
        $setup = ChoiceJson::read(JsonObject::parse((string) json_encode($json)));
        foreach ($setup->kind()->movements() as $movement) {
            foreach ($setup->kind()->waysUp($movement) as $up) {
                $exercises = [];
                foreach ($setup->kind()->grips() as $grip) {
                    foreach (Width::cases() as $width) {
                        $exercises[] = Exercise::of(
                            $setup,
                            $movement,
                            $movement === Movement::Hold ? HoldAt::Middle : null,
                            $movement->isTimed() ? 7.5 : null,
                            $grip,
                            $width,
                            $up,
                        );
                    }
                }
                $all["{$json['kind']}, $movement->value, up by $up->value"] = [$exercises];
            }
        }
    }

    return $all;
}

it('gives every exercise back as it came, on the wire and from the tables', function (array $exercises): void {
    foreach ($exercises as $exercise) {
        $wire = (string) json_encode(ExerciseJson::of($exercise));
        $kept = (string) json_encode(StoredExercise::write($exercise));
        expect(ExerciseJson::read(JsonObject::parse($wire)))->toEqual($exercise, $wire)
            ->and(StoredExercise::read($kept))->toEqual($exercise, $kept);
    }
})->with(everyManner());

it('takes a set-up alone for the whole pull, held over the bar just outside the shoulders', function (): void {
    $alone = ExerciseJson::read(JsonObject::parse('{"setup": {"kind": "strict"}}'));
    expect($alone->key())->toBe('strict')
        ->and(json_decode((string) json_encode(ExerciseJson::of($alone)), true))->toEqual([
            'setup' => ['kind' => 'strict'],
            'movement' => 'full',
            'grip' => 'over',
            'width' => 'outside',
            'up_by' => 'pull',
        ]);
});

it('keeps little of what is usual', function (): void {
    expect(StoredExercise::write(ExerciseJson::read(JsonObject::parse(
        '{"setup": {"kind": "strict"}}',
    ))))->toEqual(['v' => 1, 'kind' => 'strict']);
});

it('refuses what is not said right, naming where', function (string $json, string $words): void {
    try {
        ExerciseJson::read(JsonObject::parse($json));
        $said = 'nothing';
    } catch (Unreadable|NotDoable $refusal) {
        $said = $refusal->getMessage();
    }
    expect($said)->toContain($words);
})->with([
    'no set-up' => ['{"movement": "full"}', '/setup'],
    'a kind of gear that is none' => ['{"setup": {"kind": "levitation"}}', '/setup/kind'],
    'a movement that is none' => ['{"setup": {"kind": "strict"}, "movement": "fly"}', '/movement'],
    'a grip that is none' => ['{"setup": {"kind": "strict"}, "grip": "teeth"}', '/grip'],
    'a key that is none' => ['{"setup": {"kind": "strict"}, "speed": 3}', '/speed'],
    'manner within the set-up' => ['{"setup": {"kind": "strict", "grip": "under"}}', '/setup/grip'],
    'a lowering without seconds' => ['{"setup": {"kind": "strict"}, "movement": "lowering"}', 'how many seconds'],
    'a lowering of a quarter of an hour' => ['{"setup": {"kind": "strict"}, "movement": "lowering", "seconds": 900}', 'seconds'],
    'a lowering on a cable' => [
        '{"setup": {"kind": "pulldown", "machine_id": "'.BAR_ID.'", "stack_kg": 30}, "movement": "lowering", "seconds": 5}',
        'Allowed: full',
    ],
]);
