<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Strict;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;

/**
 * Strict sets for whoever has done a strict rep, whatever the stage: fresh, in each session, and the work of the stage goes on beside
 * them. How many is ours: one rep short of what is likely, in at most half of the week's hard sets.
 */
final class StrictSets
{
    private const SETS = 3;

    private const MOST_REPS = 5;

    private const REST_S = 150;

    /** As likely as not, or it is no work yet. */
    private const ONE_REP = 0.5;

    /**
     * The lines of a stage with strict sets before its work, where it has none of its own.
     *
     * @param  list<Prescription>  $lines
     * @return list<Prescription>
     */
    public static function before(array $lines, AthleteContext $context): array
    {
        $own = self::line($context);
        if ($own === null || array_filter($lines, self::isStrict(...)) !== []) {
            return $lines;
        }
        $warmUps = array_values(array_filter($lines, static fn (Prescription $p): bool => $p->part === SessionPart::WarmUp));

        return [
            ...$warmUps,
            $own,
            ...array_values(array_filter($lines, static fn (Prescription $p): bool => $p->part !== SessionPart::WarmUp)),
        ];
    }

    private static function line(AthleteContext $context): ?Prescription
    {
        $strict = $context->mostStrict() > 0 ? $context->ways->strict() : null;
        $likely = $strict === null ? null : $context->believed($strict)->onRung($strict);
        if ($likely === null || $likely->chanceOf(1.0) < self::ONE_REP) {
            return null;
        }
        $high = max(1, min(self::MOST_REPS, (int) floor($likely->median()) - 1));
        $sets = min(self::SETS, intdiv($context->caps()->hardSetsAWeek, 2 * $context->mostPerWeek()));

        return Prescription::of(
            SessionPart::Main,
            [AllowedExercises::of(ChoiceKind::Strict)],
            max(1, $sets),
            Amount::of(Measure::Reps, max(1, $high - 1), $high),
            self::REST_S,
        );
    }

    private static function isStrict(Prescription $line): bool
    {
        return array_filter(
            $line->allowed,
            static fn (AllowedExercises $m): bool => $m->kind === ChoiceKind::Strict && $m->movement === Movement::Full,
        ) !== [];
    }
}
