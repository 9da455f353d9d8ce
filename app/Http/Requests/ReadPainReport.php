<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Deeds\PainTold;
use App\Formats\Json\PainJson;
use App\Formats\JsonObject;

final class ReadPainReport
{
    public static function from(JsonObject $json): PainTold
    {
        $json->allowing('id', 'pain', 'note');

        return new PainTold($json->uuid('id'), PainJson::read($json->object('pain')), $json->optionalText('note', 500));
    }
}
