<?php

declare(strict_types=1);

namespace App\Queries\Sessions;

use App\Context\Athletes\LoadAthleteContext;
use App\Formats\Day;
use App\Formats\Json\Ladder\RungJson;
use App\Formats\Json\Methods\PlaceJson;
use App\Formats\Json\Sessions\BlockJson;
use App\Models\Athletes\Athlete;
use App\Responses\Sessions\CalendarResponse;
use App\Responses\Sessions\LeftOutResponse;
use App\Responses\Sessions\LineDoneResponse;
use App\Responses\Sessions\OtherRungsResponse;
use App\Responses\Sessions\RefusalResponse;
use App\Responses\Sessions\SessionResponse;
use SteadyRung\Exercise\Rung;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Line\LineDone;
use SteadyRung\Plan\Session\Pick;
use SteadyRung\Plan\Session\Session;
use SteadyRung\Plan\Session\SessionWriter;
use SteadyRung\Plan\Weeks\Calendar;

/**
 * Writes the next session of an athlete.
 */
final readonly class SessionQuery
{
    private const MOST_OTHERS = 12;

    public function __construct(private LoadAthleteContext $contexts)
    {
    }

    public function of(Athlete $athlete): SessionResponse
    {
        return $this->written($this->contexts->of($athlete));
    }

    /** What could be done in the place of a line, nearest in carried share first; without one, what could be added. */
    public function others(Athlete $athlete, ?string $line): OtherRungsResponse
    {
        $context = self::ofTheDay($this->contexts->of($athlete));
        $others = $line === null
            ? []
            : array_slice((new Pick($context))->insteadOf($line, SessionWriter::write($context)), 0, self::MOST_OTHERS);

        return OtherRungsResponse::of(
            array_map(static fn (Rung $r): RungJson => RungJson::estimated($r, $context->estimate($r)), $others),
            $context->ways->limits(),
        );
    }

    /** As something else that is known would have it. */
    public function written(AthleteContext $context): SessionResponse
    {
        $session = self::inForce($context);
        $begun = $context->begun();

        return new SessionResponse(
            on: Day::date($context->today),
            place: PlaceJson::of($context->method, $session->place->stage, $session->place->since),
            blocks: array_map(BlockJson::of(...), $session->blocks),
            done: array_map(
                static fn (Block $b): LineDoneResponse => LineDoneResponse::of(LineDone::of($b, $context->diary, $context->today)),
                $session->blocks,
            ),
            minutes: $session->minutes(),
            gear: $session->gear,
            notes: [
                ...($begun === 0 ? [] : [$begun === 1 ? 'Begun: one set logged today.' : "Begun: $begun sets logged today."]),
                ...$session->notes,
            ],
            refused: $session->refused === null ? null : RefusalResponse::of($session->refused),
            left_out: array_map(LeftOutResponse::of(...), $session->leftOut),
            calendar: CalendarResponse::of(Calendar::of($context), $context->today),
        );
    }

    /** The session as it stands today. */
    public static function inForce(AthleteContext $context): Session
    {
        return SessionWriter::write(self::ofTheDay($context));
    }

    /** A session that was begun stands as it was written, until the day is over. */
    private static function ofTheDay(AthleteContext $context): AthleteContext
    {
        return $context->begun() > 0 ? $context->beforeToday() : $context;
    }
}
