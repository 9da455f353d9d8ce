<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use App\Actions\Log\SetTakenBack;
use App\Formats\JsonObject;

final class ReadTakenBack
{
    public static function from(JsonObject $json): SetTakenBack
    {
        $json->allowing('id', 'set_id');

        return new SetTakenBack($json->uuid('id'), $json->uuid('set_id'));
    }
}
