<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Method\Place;
use SteadyRung\Plan\Session\Course;

/**
 * Where an athlete stands once a call is accepted.
 */
final class PlaceAfter
{
    public static function call(Call $call, Course $course, int $today): Place
    {
        $place = match ($call->verdict) {
            Verdict::Climb => $course->up,
            Verdict::StepDown => $course->down,
            Verdict::SwitchTo => $call->next === null ? null : $course->now->on($call->next),
            Verdict::Refer, Verdict::Rest, Verdict::Test, Verdict::Stay => null,
        } ?? $course->now;

        return $place->stage === $course->now->stage
            ? new Place($place->stage, $course->now->since, $place->rung)
            : new Place($place->stage, $today, $place->rung);
    }
}
