<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Strict;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Strength\Forecast;
use SteadyRung\Strength\StrictTry;

/**
 * The next number of strict reps worth a test, and the chance of it today: what the session writes and the call speaks of.
 */
final readonly class StrictGoal
{
    /** From this chance on it is a test; below, a first rep is tried. */
    public const TEST_CHANCE = 0.5;

    /** @param  bool  $isDue  long enough after the last try or test */
    public function __construct(public Rung $strict, public int $reps, public float $chance, public bool $isDue = true)
    {
    }

    /** None where this gear or the screen allows no strict rep, or before anything is known of the athlete. */
    public static function of(AthleteContext $context): ?self
    {
        $strict = $context->ways->rung(Exercise::of(new StrictPull, grip: self::grip($context)));
        if (! $strict instanceof Rung) {
            return null;
        }
        $reps = $strict->exercise->style->grip === Grip::Under ? 1 : self::beyond($context->mostStrict());
        $chance = $context->believed($strict)->onRung($strict)?->chanceOf((float) $reps);

        return $chance === null ? null : new self($strict, $reps, $chance, self::due($context, $reps, $chance));
    }

    /** A first rep is tried as often as the house does; more of them are tested. */
    private static function due(AthleteContext $context, int $reps, float $chance): bool
    {
        if ($reps === 1) {
            $pace = $context->rules->tryPace();

            return $pace->isWorthIt($chance) && $context->diary->tries($context->today)->isDue($chance, $pace, $context->today);
        }
        $last = $context->diary->lastTry();

        return StrictTry::isLongEnoughAgo($last === null ? null : $context->today - $last);
    }

    public function isTest(): bool
    {
        return $this->chance >= self::TEST_CHANCE;
    }

    /** “One strict rep”, “3 strict reps, chin-up grip”. */
    public function words(): string
    {
        return ($this->reps === 1 ? 'One strict rep' : "$this->reps strict reps")
            .($this->strict->exercise->style->grip === Grip::Under ? ', chin-up grip' : '');
    }

    /** The first goal beyond the most that was done; one more, past the last. */
    public static function beyond(int $most): int
    {
        return Forecast::targetBeyond($most) ?? $most + 1;
    }

    /** Under the bar first, where the house begins so, until one such rep was done. */
    private static function grip(AthleteContext $context): Grip
    {
        $isDone = array_filter(
            $context->diary->done,
            static fn (Done $d): bool => $d->kind === ChoiceKind::Strict
                && $d->style->movement === Movement::Full
                && $d->style->grip === Grip::Under
                && $d->reps > 0,
        ) !== [];

        return $context->rules->says(HouseRule::ChinGrip, 'chin-first') && ! $isDone ? Grip::Under : Grip::Over;
    }
}
