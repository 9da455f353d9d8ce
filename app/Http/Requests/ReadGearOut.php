<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Deeds\GearTold;
use App\Formats\JsonObject;

final class ReadGearOut
{
    public static function from(JsonObject $json, \DateTimeImmutable $now): GearTold
    {
        $json->allowing('id', 'gear_id', 'out', 'told_at');
        $at = $json->moment('told_at');
        if ($at > $now->modify('+10 minutes')) {
            throw $json->fault('told_at', 'This lies in the future. Check the clock of this device.');
        }

        return new GearTold($json->uuid('id'), $json->uuid('gear_id'), $json->boolean('out'), $at);
    }
}
