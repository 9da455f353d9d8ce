<?php

declare(strict_types=1);

namespace App\Http\Requests\Screening;

use App\Actions\Screening\PainUndone;
use App\Formats\JsonObject;

final class ReadPainUndone
{
    public static function from(JsonObject $json): PainUndone
    {
        $json->allowing('id', 'told_id');

        return new PainUndone($json->uuid('id'), $json->uuid('told_id'));
    }
}
