<?php

declare(strict_types=1);

namespace App\Http\Requests\Athletes;

use App\Actions\Athletes\MassWeighed;
use App\Formats\JsonObject;

final class ReadWeighing
{
    public static function from(JsonObject $json, string $today): MassWeighed
    {
        $json->allowing('id', 'weighed_on', 'mass_kg');
        $on = $json->date('weighed_on', $today);

        return $json->build(static fn (JsonObject $j): MassWeighed => new MassWeighed($j->uuid('id'), $on, $j->number('mass_kg')));
    }
}
