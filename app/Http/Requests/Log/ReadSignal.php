<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use App\Actions\Log\SignalTold;
use App\Formats\Day;
use App\Formats\JsonObject;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Safety\Symptom;

final class ReadSignal
{
    /** @param  string  $today  nothing is told of days to come */
    public static function from(JsonObject $json, string $today): SignalTold
    {
        $json->allowing('id', 'on', 'soreness', 'symptoms', 'gave_out', 'effort', 'takes_hold', 'felt_worked', 'wall_day');
        $told = new SignalTold(
            $json->uuid('id'),
            $json->date('on', $today),
            $json->optionalInteger('soreness'),
            $json->choices('symptoms', Symptom::class),
            $json->optionalChoice('gave_out', LimitingFactor::class),
            $json->optionalInteger('effort'),
            $json->has('takes_hold') ? $json->boolean('takes_hold') : null,
            $json->optionalText('felt_worked', 200),
            $json->has('wall_day') ? $json->boolean('wall_day') : null,
        );
        $json->build(static fn (): Signal => Signal::of(Day::number($told->on), $told->soreness, $told->symptoms, null, $told->gave_out, $told->effort, $told->takes_hold, $told->felt_worked));

        return $told;
    }
}
