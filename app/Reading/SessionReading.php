<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Day;
use App\Formats\Json\BlockJson;
use App\Formats\Json\PlaceJson;
use App\Models\Athlete;
use SteadyRung\Plan\Calendar;
use SteadyRung\Plan\SessionWriter;

/**
 * Writes the next session of an athlete.
 */
final readonly class SessionReading
{
    public function __construct(private BuildBrief $briefs)
    {
    }

    public function of(Athlete $athlete, ?string $on = null): SessionJson
    {
        $brief = $this->briefs->of($athlete, on: $on);
        $session = SessionWriter::write($brief);

        return new SessionJson(
            Day::date($brief->today),
            PlaceJson::of($brief->method, $session->place->stage, $session->place->since),
            array_map(BlockJson::of(...), $session->blocks),
            $session->minutes(),
            $session->gear,
            $session->notes,
            $session->refused === null ? null : RefusalJson::of($session->refused),
            CalendarJson::of(Calendar::of($brief), $brief->today),
        );
    }
}
