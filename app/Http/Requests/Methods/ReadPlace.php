<?php

declare(strict_types=1);

namespace App\Http\Requests\Methods;

use App\Actions\Methods\PlaceGiven;
use App\Formats\JsonObject;
use SteadyRung\OutOfRange;

final class ReadPlace
{
    public static function from(JsonObject $json): PlaceGiven
    {
        $json->allowing('id', 'method', 'stage', 'reason', 'sessions_a_week', 'builder');
        $perWeek = $json->optionalInteger('sessions_a_week');
        $json->build(static fn () => OutOfRange::guard(['sessions_a_week' => [$perWeek, PlaceGiven::PER_WEEK]]));

        return new PlaceGiven($json->uuid('id'), $json->text('method', 64), $json->text('stage', 64), $json->optionalText('reason', 500), $perWeek, $json->optionalText('builder', 64));
    }
}
