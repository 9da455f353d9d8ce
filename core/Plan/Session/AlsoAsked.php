<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Method\Condition;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;

/**
 * The second condition of a gate, where a stage has one.
 */
final class AlsoAsked
{
    /** None where it is met, or the stage goes on. */
    public static function lacks(AthleteContext $context, Course $course): ?string
    {
        $also = $course->endsStage() ? $course->now->stage->gate->also : null;
        if ($also === null) {
            return null;
        }
        $most = self::most($context, $also);

        return $most >= $also->count ? null : sprintf(
            'The gate asks %s too; %s.',
            $also->words(),
            $most === 0 ? 'none is logged' : "the most is {$also->measure->count($most)}",
        );
    }

    private static function most(AthleteContext $context, Condition $also): int
    {
        $of = array_filter(
            $context->diary->done,
            static fn (Done $d): bool => $d->kind === $also->of->kind
                && $d->style->movement === $also->of->movement
                && $d->style->at === $also->of->at
                && ($d->style->grip === $also->of->grip || $context->rules->countsChinUps()),
        );

        return max([0, ...array_map(static fn (Done $d): int => $d->count($also->measure), $of)]);
    }
}
