<?php

declare(strict_types=1);

use App\Formats\Json\Setups\ChoiceJson;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use SteadyRung\Exercise\Choices\ChoiceKind;

const ID = '01900000-0000-7000-8000-000000000001';
const OTHER = '01900000-0000-7000-8000-000000000002';

/** @return array<string, array{array<string, mixed>}> */
function everyChoiceJson(): array
{
    return [
        'strict' => [['kind' => 'strict']],
        'one band' => [['kind' => 'band', 'bar_id' => ID, 'attach' => 'foot', 'band_ids' => [ID]]],
        'two bands' => [['kind' => 'band', 'bar_id' => ID, 'attach' => 'knee', 'band_ids' => [ID, OTHER]]],
        'row on rings' => [['kind' => 'row', 'ring_id' => ID, 'strap_m' => 1.25, 'heel_mark_m' => -0.35]],
        'row, heels on a box' => [['kind' => 'row', 'ring_id' => ID, 'strap_m' => 1.25, 'heel_mark_m' => 0.4, 'box_id' => OTHER]],
        'row on a low bar' => [['kind' => 'row', 'bar_id' => ID, 'heel_mark_m' => 0.85]],
        'foot help from the floor' => [['kind' => 'foot', 'bar_id' => ID]],
        'foot help on a box, seen' => [['kind' => 'foot', 'bar_id' => ID, 'box_id' => OTHER, 'grade' => 'one-foot']],
        'foot help on plates, weighed' => [['kind' => 'foot', 'bar_id' => ID, 'plate_ids' => [ID, OTHER], 'scale_kg' => 12.5]],
        'hop' => [['kind' => 'hop', 'bar_id' => ID, 'box_id' => OTHER, 'hop_m' => 0.25]],
        'counterweight' => [['kind' => 'counterweight', 'machine_id' => ID, 'stack_kg' => 22.5]],
        'pull-down' => [['kind' => 'pulldown', 'machine_id' => ID, 'stack_kg' => 35]],
        'added weight' => [['kind' => 'added', 'weight_ids' => [ID, OTHER]]],
        'one band at the foot, one at the knee' => [[
            'kind' => 'band',
            'bar_id' => ID,
            'attach' => 'foot',
            'band_ids' => [ID, OTHER],
            'knee_band_id' => OTHER,
        ]],
        'row, heels blocked, knees bent, in a vest' => [[
            'kind' => 'row',
            'bar_id' => ID,
            'heel_mark_m' => 0.85,
            'heels' => 'blocked',
            'knees' => 'bent',
            'weight_ids' => [OTHER],
        ]],
        'squat pull' => [['kind' => 'foot', 'bar_id' => ID, 'scale_kg' => 30, 'weight_ids' => [OTHER]]],
        'legs in front' => [['kind' => 'low-bar', 'bar_id' => ID, 'grade' => 'none']],
        'pull-down, kneeling' => [['kind' => 'pulldown', 'machine_id' => ID, 'stack_kg' => 35, 'stance' => 'kneeling']],
        'band pull-down' => [['kind' => 'band-pulldown', 'bar_id' => ID, 'band_ids' => [OTHER], 'stance' => 'seated']],
    ];
}

it('gives every choice back as it came', function (array $json): void {
    $choice = ChoiceJson::read(JsonObject::parse((string) json_encode($json)));

    expect(json_decode((string) json_encode(ChoiceJson::of($choice)), true))->toEqual($json);
})->with(everyChoiceJson());

it('covers every kind there is', function (): void {
    $kinds = array_unique(array_map(fn (array $case): string => $case[0]['kind'], array_values(everyChoiceJson())));

    expect($kinds)->toEqualCanonicalizing(array_column(ChoiceKind::cases(), 'value'));
});

it('keeps one key for one choice, whatever the order of its pieces', function (): void {
    $key = fn (array $json): string => ChoiceJson::read(JsonObject::parse((string) json_encode($json)))->key();

    expect($key(['kind' => 'added', 'weight_ids' => [OTHER, ID]]))->toBe($key(['kind' => 'added', 'weight_ids' => [ID, OTHER]]))
        ->and($key([
            'kind' => 'foot',
            'bar_id' => ID,
            'plate_ids' => [OTHER, ID],
        ]))->toBe($key(['kind' => 'foot', 'bar_id' => ID, 'plate_ids' => [ID, OTHER]]))
        ->and($key(['kind' => 'row', 'bar_id' => ID, 'heel_mark_m' => 0.8]))->not->toBe($key([
            'kind' => 'row',
            'bar_id' => ID,
            'heel_mark_m' => 0.85,
        ]));
});

it('takes no key of another kind', function (array $json): void {
    foreach (
        ['attach' => 'foot', 'heel_mark_m' => 0.2, 'hop_m' => 0.1, 'stack_kg' => 20, 'seconds' => 5, 'machine_id' => ID] as $key => $value
    ) {
        if (! array_key_exists($key, $json)) {
            expect(
                fn () => ChoiceJson::read(JsonObject::parse((string) json_encode([...$json, $key => $value]))),
            )->toThrow(Unreadable::class, "/$key");
        }
    }
})->with(everyChoiceJson());

it('misses every key that a kind cannot do without', function (array $json): void {
    $optional = [
        'kind',
        'box_id',
        'plate_ids',
        'scale_kg',
        'grade',
        'knee_band_id',
        'heels',
        'knees',
        'stance',
        ...($json['kind'] === 'added' ? [] : ['weight_ids']),
    ];
    foreach (array_diff(array_keys($json), $optional) as $key) {
        expect(
            fn () => ChoiceJson::read(JsonObject::parse((string) json_encode(array_diff_key($json, [$key => 1])))),
        )->toThrow(Unreadable::class);
    }
    expect(fn () => ChoiceJson::read(JsonObject::parse('{}')))->toThrow(Unreadable::class, '/kind');
})->with(everyChoiceJson());

it('refuses figures out of range, naming them', function (array $json, string $pointer): void {
    expect(fn () => ChoiceJson::read(JsonObject::parse((string) json_encode($json))))->toThrow(Unreadable::class, $pointer);
})->with([
    [['kind' => 'band', 'bar_id' => ID, 'attach' => 'foot', 'band_ids' => []], '/band_ids'],
    [['kind' => 'band', 'bar_id' => 'no-uuid', 'attach' => 'foot', 'band_ids' => [ID]], '/bar_id'],
    [['kind' => 'row', 'ring_id' => ID, 'strap_m' => 9, 'heel_mark_m' => 0], '/strap_m'],
    [['kind' => 'row', 'ring_id' => ID, 'bar_id' => ID, 'strap_m' => 1, 'heel_mark_m' => 0], '/ring_id'],
    [['kind' => 'row', 'bar_id' => ID, 'heel_mark_m' => 3.5], '/heel_mark_m'],
    [['kind' => 'foot', 'bar_id' => ID, 'box_id' => ID, 'plate_ids' => [ID]], '/plate_ids'],
    [['kind' => 'foot', 'bar_id' => ID, 'scale_kg' => -1], '/scale_kg'],
    [['kind' => 'hop', 'bar_id' => ID, 'hop_m' => 2], '/hop_m'],
    [['kind' => 'counterweight', 'machine_id' => ID, 'stack_kg' => 900], '/stack_kg'],
    [['kind' => 'added', 'weight_ids' => []], '/weight_ids'],
    [['kind' => 'band', 'bar_id' => ID, 'attach' => 'knee', 'band_ids' => [ID, OTHER], 'knee_band_id' => ID], '/knee_band_id'],
    [['kind' => 'lowering', 'seconds' => 5], '/kind'],
    [['kind' => 'band', 'bar_id' => ID, 'attach' => 'foot', 'band_ids' => [ID], 'knee_band_id' => ID], '/knee_band_id'],
    [
        [
            'kind' => 'band',
            'bar_id' => ID,
            'attach' => 'foot',
            'band_ids' => [ID, OTHER],
            'knee_band_id' => '01900000-0000-7000-8000-000000000009',
        ],
        '/knee_band_id',
    ],
    [['kind' => 'row', 'heel_mark_m' => 0.2], '/ring_id'],
    [['kind' => 'pulldown', 'machine_id' => ID, 'stack_kg' => 20, 'stance' => 'lying'], '/stance'],
]);
