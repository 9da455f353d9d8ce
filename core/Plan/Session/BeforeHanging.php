<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\InWords;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Plan\Context\AthleteContext;

/**
 * What a stage that hangs waits for beside the gate before it: a hang, as long as the house says, and a plank where trunk is a gate.
 */
final class BeforeHanging
{
    /** The first that is lacking; none where all is there. */
    public static function lacks(AthleteContext $context, Course $course): ?string
    {
        return self::lacksHang($context, $course) ?? self::lacksTrunk($context, $course);
    }

    /** None where it is there, or the next stage does not hang; a stage of hanging has its own gate. */
    public static function lacksHang(AthleteContext $context, Course $course): ?string
    {
        $best = $context->diary->longestHangS();
        $asked = $context->rules->hangFirstS();

        return self::comesToHang($course) && ($best === null || $best < $asked)
            ? (
                $best === null
                    ? "The next stage hangs: a hang of $asked s comes first; none is logged."
                    : sprintf('The next stage hangs: a hang of %d s comes first; the longest is %s.', $asked, InWords::seconds($best))
            )
            : null;
    }

    public static function lacksTrunk(AthleteContext $context, Course $course): ?string
    {
        $best = $context->diary->longestBesideS(Accessory::Plank);

        return $context->rules->says(HouseRule::Trunk, 'gate')
            && self::comesToHang($course)
            && ($best === null || $best < Accessory::TRUNK_S)
            ? sprintf(
                'The next stage hangs: a plank of %d s comes first; %s.',
                Accessory::TRUNK_S,
                $best === null ? 'none is logged' : 'the longest is '.InWords::seconds($best),
            )
            : null;
    }

    private static function comesToHang(Course $course): bool
    {
        $next = $course->endsStage() ? $course->up?->stage->work()->allowed[0] : null;
        $now = $course->now->stage->work()->allowed[0];

        return $next?->isVertical() === true && ! $now->isVertical() && ! $now->isGripWork();
    }
}
