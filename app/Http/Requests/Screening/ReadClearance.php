<?php

declare(strict_types=1);

namespace App\Http\Requests\Screening;

use App\Actions\Screening\ClearingNote;
use App\Formats\JsonObject;

final class ReadClearance
{
    public static function from(JsonObject $json): ClearingNote
    {
        $json->allowing('id', 'note');
        $note = $json->text('note', 500);

        return preg_match('/\p{L}{2,}/u', $note) === 1
            ? new ClearingNote($json->uuid('id'), $note)
            : throw $json->fault('note', 'Say in words who looked at it and what was found.');
    }
}
