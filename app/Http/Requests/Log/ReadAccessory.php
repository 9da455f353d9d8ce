<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use App\Actions\Log\AccessoryDone;
use App\Formats\JsonObject;
use SteadyRung\Method\Accessory;
use SteadyRung\OutOfRange;

final class ReadAccessory
{
    public static function from(JsonObject $json, \DateTimeImmutable $now): AccessoryDone
    {
        $json->allowing('id', 'performed_at', 'accessory', 'reps', 'seconds', 'metres', 'load_kg');
        $at = $json->momentPast('performed_at', $now);
        $set = new AccessoryDone($json->uuid('id'), $at, $json->choice('accessory', Accessory::class), $json->optionalInteger('reps'), $json->optionalNumber('seconds'), $json->optionalNumber('metres'), $json->optionalNumber('load_kg'));
        $json->build(static fn () => OutOfRange::guard(['reps' => [$set->reps, AccessoryDone::REPS], 'seconds' => [$set->seconds, AccessoryDone::SECONDS], 'metres' => [$set->metres, AccessoryDone::METRES], 'load_kg' => [$set->load_kg, AccessoryDone::LOAD_KG]]));

        return ($set->reps ?? $set->seconds ?? $set->metres) !== null ? $set : throw $json->fault('reps', 'Say how much was done: reps, seconds or metres.');
    }
}
