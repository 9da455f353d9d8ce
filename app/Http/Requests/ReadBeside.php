<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Deeds\BesideSet;
use App\Formats\JsonObject;
use SteadyRung\Method\Accessory;
use SteadyRung\OutOfRange;

final class ReadBeside
{
    public static function from(JsonObject $json, \DateTimeImmutable $now): BesideSet
    {
        $json->allowing('id', 'performed_at', 'accessory', 'reps', 'seconds', 'metres', 'load_kg');
        $at = $json->momentPast('performed_at', $now);
        $set = new BesideSet($json->uuid('id'), $at, $json->choice('accessory', Accessory::class), $json->optionalInteger('reps'), $json->optionalNumber('seconds'), $json->optionalNumber('metres'), $json->optionalNumber('load_kg'));
        $json->build(static fn () => OutOfRange::guard(['reps' => [$set->reps, BesideSet::REPS], 'seconds' => [$set->seconds, BesideSet::SECONDS], 'metres' => [$set->metres, BesideSet::METRES], 'load_kg' => [$set->load_kg, BesideSet::LOAD_KG]]));

        return ($set->reps ?? $set->seconds ?? $set->metres) !== null ? $set : throw $json->fault('reps', 'Say how much was done: reps, seconds or metres.');
    }
}
