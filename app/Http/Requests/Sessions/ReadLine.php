<?php

declare(strict_types=1);

namespace App\Http\Requests\Sessions;

use App\Actions\Sessions\LineGiven;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use SteadyRung\Method\Accessory;

final class ReadLine
{
    public static function from(JsonObject $json): LineGiven
    {
        $json->allowing('id', 'line', 'lasts', 'left_out', 'sets', 'low', 'high', 'rest_s', 'exercise', 'accessory');
        $line = new LineGiven(
            $json->uuid('id'), $json->text('line', 160), $json->boolean('lasts'), $json->has('left_out') && $json->boolean('left_out'), $json->optionalInteger('sets'), $json->optionalInteger('low'), $json->optionalInteger('high'), $json->optionalInteger('rest_s'),
            $json->has('exercise') ? ExerciseJson::read($json->object('exercise')) : null, $json->optionalChoice('accessory', Accessory::class),
        );
        $json->build(static fn () => $line->toCore(0));

        return $line;
    }
}
