<?php

declare(strict_types=1);

namespace App\Http\Requests\Screening;

use App\Actions\Screening\PainTold;
use App\Formats\Json\Safety\PainJson;
use App\Formats\JsonObject;

final class ReadPainReport
{
    public static function from(JsonObject $json): PainTold
    {
        $json->allowing('id', 'pain', 'note');

        return new PainTold($json->uuid('id'), PainJson::read($json->object('pain')), $json->optionalText('note', 500));
    }
}
