<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\JsonObject;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;

/**
 * The readings of a band as they are kept: a list without a version by the first program, an object since.
 */
final class StoredPoints
{
    private const VERSION = 2;

    /**
     * @param  list<CalibrationPoint>  $points
     * @return array<string, mixed>
     */
    public static function write(array $points): array
    {
        return StoredForm::keys(
            self::VERSION,
            [
                'points' => array_map(
                    static fn (CalibrationPoint $p): array => ['length_m' => $p->lengthM, 'force_n' => $p->forceN],
                    $points,
                ),
            ],
        );
    }

    /**
     * @return list<CalibrationPoint>
     *
     * @throws Damaged if they cannot be read
     */
    public static function read(string $json): array
    {
        return StoredForm::read('points', str_starts_with(ltrim($json), '[') ? "{\"points\":$json}" : $json, static fn (JsonObject $j): array => array_map(
            static fn (JsonObject $p): CalibrationPoint => CalibrationPoint::of($p->number('length_m'), $p->number('force_n')),
            $j->objects('points', LoopBand::MOST_POINTS),
        ));
    }
}
