<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Deeds\SetTakenBack;
use App\Formats\JsonObject;

final class ReadTakenBack
{
    public static function from(JsonObject $json): SetTakenBack
    {
        $json->allowing('id', 'set_id');

        return new SetTakenBack($json->uuid('id'), $json->uuid('set_id'));
    }
}
