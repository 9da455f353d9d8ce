<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\Json\Kit\GearKind;
use App\Formats\JsonObject;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;

/**
 * The figures of a piece of gear as they are kept, version 1; rows of the first program carry no version.
 */
final class StoredGear
{
    private const VERSION = 1;

    /** @return array<string, mixed> */
    public static function write(Bar|RingPair|Box|Plate|Weight|Machine $gear): array
    {
        return StoredForm::keys(self::VERSION, ['kind' => GearKind::of($gear)->value] + match (true) {
            $gear instanceof Bar => ['height_m' => $gear->heightM] + self::rated($gear->ratedKg)
                + ($gear->diameterMm === null ? [] : ['diameter_mm' => $gear->diameterMm]),
            $gear instanceof Box => ['height_m' => $gear->heightM] + self::rated($gear->ratedKg),
            $gear instanceof RingPair => [
                'anchor_height_m' => $gear->anchorHeightM,
                'straps_m' => $gear->strapsM,
            ] + self::rated($gear->ratedKg),
            $gear instanceof Plate => ['thickness_m' => $gear->thicknessM],
            $gear instanceof Weight => ['mass_kg' => $gear->massKg],
            $gear instanceof Machine => [
                'use' => $gear->use->value,
                'step_kg' => $gear->stepKg,
                'most_kg' => $gear->mostKg,
                'leverage' => $gear->leverage,
            ] + ($gear->platformKg > 0.0 ? ['platform_kg' => $gear->platformKg] : []),
        });
    }

    /**
     * The piece of these figures, under an id and a name kept beside them.
     *
     * @throws Damaged if they cannot be read
     */
    public static function read(string $json, string $id, string $name): Bar|RingPair|Box|Plate|Weight|Machine
    {
        return StoredForm::read('gear', $json, static fn (JsonObject $j): Bar|RingPair|Box|Plate|Weight|Machine => match (
            $j->choice('kind', GearKind::class)
        ) {
            GearKind::Bar => Bar::of(
                $id,
                $name,
                $j->number('height_m'),
                $j->optionalNumber('rated_kg'),
                $j->optionalNumber('diameter_mm'),
            ),
            GearKind::Rings => RingPair::of(
                $id,
                $name,
                $j->number('anchor_height_m'),
                $j->numbers('straps_m', RingPair::MOST_MARKS),
                $j->optionalNumber('rated_kg'),
            ),
            GearKind::Box => Box::of($id, $name, $j->number('height_m'), $j->optionalNumber('rated_kg')),
            GearKind::Plate => Plate::of($id, $name, $j->number('thickness_m')),
            GearKind::Weight => Weight::of($id, $name, $j->number('mass_kg')),
            GearKind::Machine => Machine::of(
                id: $id,
                name: $name,
                use: $j->choice('use', MachineUse::class),
                stepKg: $j->number('step_kg'),
                mostKg: $j->number('most_kg'),
                leverage: $j->optionalNumber('leverage') ?? 1.0,
                platformKg: $j->optionalNumber('platform_kg') ?? 0.0,
            ),
        });
    }

    /** @return array<string, float> */
    private static function rated(?float $kg): array
    {
        return $kg === null ? [] : ['rated_kg' => $kg];
    }
}
