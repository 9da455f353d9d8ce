<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Actions\Floor\ComingTold;
use App\Formats\JsonObject;

final class ReadComing
{
    private const LATEST = '2099-12-31';

    public static function from(JsonObject $json): ComingTold
    {
        $json->allowing('id', 'class_id', 'on', 'coming', 'told_at');

        return new ComingTold($json->uuid('id'), $json->uuid('class_id'), $json->date('on', self::LATEST), $json->boolean('coming'), $json->moment('told_at'));
    }
}
