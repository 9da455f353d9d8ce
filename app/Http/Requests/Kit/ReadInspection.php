<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Actions\Kit\BandInspected;
use App\Formats\JsonObject;
use SteadyRung\Kit\Band\BandFinding;

final class ReadInspection
{
    public static function from(JsonObject $json, string $today): BandInspected
    {
        $json->allowing('id', 'inspected_on', 'finding', 'note');
        $on = $json->date('inspected_on', $today);

        return new BandInspected($json->uuid('id'), $on, $json->choice('finding', BandFinding::class), $json->optionalText('note', 500));
    }
}
