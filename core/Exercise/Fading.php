<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

use SteadyRung\Exercise\Choices\ByFeet;
use SteadyRung\Setup\HelpGrade;

/**
 * How the help of the feet fades on one set-up: the whole foot, the heel, the toes, one foot (common practice).
 */
final class Fading
{
    /** The same with less of the foot; none at the end, and where no foot helps. */
    public static function less(Exercise $exercise): ?Exercise
    {
        return self::by(1, $exercise);
    }

    /** The same with more of it; none from the whole foot. */
    public static function more(Exercise $exercise): ?Exercise
    {
        return self::by(-1, $exercise);
    }

    private static function by(int $steps, Exercise $exercise): ?Exercise
    {
        $setup = $exercise->setup;
        if (! $setup instanceof ByFeet) {
            return null;
        }
        $grades = $setup->grades();
        $at = array_search($setup->grade() ?? HelpGrade::FlatFoot, $grades, true);
        $grade = $at === false ? null : $grades[$at + $steps] ?? null;

        return $grade === null ? null : $exercise->on($setup->graded($grade));
    }
}
