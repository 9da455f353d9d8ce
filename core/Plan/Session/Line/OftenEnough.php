<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\InWords;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Prescription;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Week;

/**
 * Whether a line that is done so many days a week was done on them.
 */
final class OftenEnough
{
    /** None where it is due. */
    public static function said(AthleteContext $context, Prescription $line): ?string
    {
        if ($line->perWeek === null) {
            return null;
        }
        $days = self::days($context, $line);

        return count($days) < $line->perWeek ? null : sprintf(
            '%s: %s a week, and it was done on %s.',
            $line->accessory?->words() ?? $line->allowed[0]->words(),
            InWords::times($line->perWeek),
            implode(' and ', array_map(InWords::weekday(...), array_map(Week::weekday(...), $days))),
        );
    }

    /** @return list<int> of this week before today, in order */
    private static function days(AthleteContext $context, Prescription $line): array
    {
        $monday = Week::monday($context->today);
        $done = $line->accessory === null
            ? array_filter($context->diary->done, static fn (Done $d): bool => $d->purpose->isTraining() && self::isOf($line, $d))
            : array_filter($context->diary->beside, static fn (AccessoryWork $b): bool => $b->accessory === $line->accessory);
        $days = array_unique(array_map(static fn (Done|AccessoryWork $one): int => $one->day, $done));
        sort($days);

        return array_values(array_filter($days, static fn (int $day): bool => $day >= $monday && $day < $context->today));
    }

    private static function isOf(Prescription $line, Done $done): bool
    {
        return array_filter(
            $line->allowed,
            static fn (AllowedExercises $m): bool => $m->kind === $done->kind
                && $m->movement === $done->style->movement
                && $m->at === $done->style->at,
        ) !== [];
    }
}
