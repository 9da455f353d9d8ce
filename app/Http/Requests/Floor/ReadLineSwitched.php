<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Actions\Floor\LineSwitched;
use App\Formats\JsonObject;

final class ReadLineSwitched
{
    private const LATEST = '2099-12-31';

    public static function from(JsonObject $json): LineSwitched
    {
        $json->allowing('id', 'on', 'line', 'rung_key', 'told_at');

        return new LineSwitched($json->uuid('id'), $json->date('on', self::LATEST), $json->text('line', 160), $json->optionalText('rung_key', 500), $json->moment('told_at'));
    }
}
