<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\InWords;
use SteadyRung\Plan\Context\AthleteContext;

/**
 * What a place still lacks beside its gate.
 */
final class MissingHang
{
    /** A stage that hangs asks for a hang first, as the house says; none where it is there, or the next stage does not hang; a stage of hanging has its own gate. */
    public static function lacksHang(AthleteContext $context, Course $course): ?string
    {
        $work = $course->endsStage() ? $course->up?->stage->work()->allowed[0] : null;
        $now = $course->now->stage->work()->allowed[0];
        $best = $context->diary->longestHangS();
        $asked = $context->rules->hangFirstS();

        return $work?->isVertical() === true && ! $now->isVertical() && ! $now->isGripWork() && ($best === null || $best < $asked)
            ? ($best === null ? "The next stage hangs: a hang of $asked s comes first; none is logged." : sprintf('The next stage hangs: a hang of %d s comes first; the longest is %s.', $asked, InWords::seconds($best)))
            : null;
    }
}
