<?php

declare(strict_types=1);

use App\Formats\Json\Kit\GearFiguresJson;
use App\Formats\Json\Kit\GearKind;
use App\Formats\JsonObject;
use App\Formats\Unreadable;

/** @return array<string, array{array<string, mixed>}> */
function everyGear(): array
{
    return [
        'bar' => [['kind' => 'bar', 'height_m' => 2.4]],
        'rings' => [['kind' => 'rings', 'anchor_height_m' => 2.5, 'straps_m' => [1.1, 1.4]]],
        'box' => [['kind' => 'box', 'height_m' => 0.45]],
        'plate' => [['kind' => 'plate', 'thickness_m' => 0.05]],
        'weight' => [['kind' => 'weight', 'mass_kg' => 2.5]],
        'machine' => [['kind' => 'machine', 'use' => 'counterweight', 'step_kg' => 5, 'most_kg' => 80, 'leverage' => 0.9]],
    ];
}

function gear(array $json): object
{
    return GearFiguresJson::read(JsonObject::parse((string) json_encode($json)), 'id', 'Name');
}

it('gives every piece back as it came, under the id and name known otherwise', function (array $json): void {
    $piece = gear($json);

    expect(json_decode((string) json_encode(GearFiguresJson::of($piece)), true))->toEqual($json)
        ->and($piece->id)->toBe('id')->and($piece->name)->toBe('Name');
})->with(everyGear());

it('covers every kind there is', function (): void {
    expect(array_keys(everyGear()))->toEqualCanonicalizing(array_column(GearKind::cases(), 'value'));
});

it('misses every figure, and takes none of another kind', function (array $json): void {
    foreach (array_keys($json) as $key) {
        if ($key !== 'leverage') {
            expect(fn () => gear(array_diff_key($json, [$key => 1])))->toThrow(Unreadable::class);
        }
    }
    foreach (['height_m' => 1, 'thickness_m' => 0.05, 'mass_kg' => 5, 'straps_m' => [1]] as $key => $value) {
        if (! array_key_exists($key, $json)) {
            expect(fn () => gear([...$json, $key => $value]))->toThrow(Unreadable::class, "/$key");
        }
    }
})->with(everyGear());

it('names the strap mark that hangs to the floor, and the anchor that is none', function (): void {
    expect(
        fn () => gear(['kind' => 'rings', 'anchor_height_m' => 2.0, 'straps_m' => [1.0, 1.95, 1.2]]),
    )->toThrow(Unreadable::class, '/straps_m/1')
        ->and(
            fn () => gear(['kind' => 'rings', 'anchor_height_m' => 0.4, 'straps_m' => [0.2]]),
        )->toThrow(Unreadable::class, '/anchor_height_m')
        ->and(
            fn () => gear(['kind' => 'rings', 'anchor_height_m' => 2.0, 'straps_m' => ['long']]),
        )->toThrow(Unreadable::class, '/straps_m/0');
});

it('takes a machine’s leverage as one where nobody knows it', function (): void {
    expect(gear(['kind' => 'machine', 'use' => 'pulldown', 'step_kg' => 5, 'most_kg' => 50])->leverage)->toBe(1.0);
});
