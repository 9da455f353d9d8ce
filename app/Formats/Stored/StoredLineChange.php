<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\JsonObject;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Method\Accessory;
use SteadyRung\Plan\Context\LineChange;

/**
 * What a change by hand says of its line, version 1.
 */
final class StoredLineChange
{
    private const VERSION = 1;

    /** @return array<string, mixed> */
    public static function write(LineChange $change): array
    {
        return StoredForm::keys(self::VERSION, [
            'left_out' => $change->isLeftOut ? true : null,
            'sets' => $change->sets,
            'low' => $change->low,
            'high' => $change->high,
            'rest_s' => $change->restS,
            'accessory' => $change->instead instanceof Accessory ? $change->instead->value : null,
            'exercise' => $change->instead instanceof Exercise ? StoredExercise::write($change->instead) : null,
        ]);
    }

    /** @throws Damaged if it cannot be read */
    public static function read(string $json, string $line, int $from, bool $lasts): LineChange
    {
        return StoredForm::read('change', $json, static fn (JsonObject $j): LineChange => LineChange::of(
            line: $line, from: $from, lasts: $lasts, isLeftOut: $j->has('left_out')
                && $j->boolean('left_out'), sets: $j
                    ->optionalInteger('sets'), low: $j
                    ->optionalInteger('low'), high: $j
                    ->optionalInteger('high'), restS: $j
                    ->optionalInteger('rest_s'),
            instead: $j->optionalChoice('accessory', Accessory::class)
                ?? ($j->has('exercise') ? StoredExercise::of($j->object('exercise')) : null),
        ));
    }
}
