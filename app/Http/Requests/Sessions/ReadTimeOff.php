<?php

declare(strict_types=1);

namespace App\Http\Requests\Sessions;

use App\Actions\Sessions\TimeOffTold;
use App\Formats\JsonObject;

final class ReadTimeOff
{
    private const LATEST = '2099-12-31';

    public static function from(JsonObject $json): TimeOffTold
    {
        $json->allowing('id', 'from', 'to', 'why', 'of_gym');
        $told = new TimeOffTold($json->uuid('id'), $json->date('from', self::LATEST), $json->date('to', self::LATEST), $json->name('why', 80), $json->has('of_gym') && $json->boolean('of_gym'));
        if ($told->to < $told->from) {
            throw $json->fault('to', 'The last day is before the first.');
        }

        return $told;
    }
}
