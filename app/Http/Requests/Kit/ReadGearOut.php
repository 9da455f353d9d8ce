<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Actions\Kit\GearTold;
use App\Formats\JsonObject;

final class ReadGearOut
{
    public static function from(JsonObject $json, \DateTimeImmutable $now): GearTold
    {
        $json->allowing('id', 'gear_id', 'out', 'told_at');

        return new GearTold($json->uuid('id'), $json->uuid('gear_id'), $json->boolean('out'), $json->momentPast('told_at', $now));
    }
}
