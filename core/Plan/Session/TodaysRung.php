<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\House\HousePractice;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Weeks\Comeback;
use SteadyRung\Setup\WarningCode;
use SteadyRung\Strength\StrictTry;

/**
 * The set-up of the main work for one session: the one in use, unless weeks away, soreness or what is likely ask for an easier one. The
 * place in the method stays as it is.
 */
final readonly class TodaysRung
{
    /** One rep at least is as likely as not, or the set is not written. */
    private const ONE_REP = 0.5;

    /** @param  string|null  $note  why it is another one than the one in use */
    private function __construct(public ?Rung $rung, public ?string $note = null)
    {
    }

    public static function of(AthleteContext $context, Course $course, Prescription $line): self
    {
        $inUse = $course->now->rung;
        $pick = new Pick($context);

        return match (true) {
            $inUse === null => new self(null),
            ! self::isCountedIn($inUse, $line) => new self($pick->of($line)),
            $context->daysAway() >= Comeback::AWAY_DAYS => new self($pick->noHarder($line, $inUse)),
            $context->isEased() => new self(self::easier($course) ?? $inUse),
            ! self::isPossible($context, $inUse) => self::instead($pick->of($line), $inUse),
            default => new self($inUse, $inUse->load->warning(WarningCode::HeelsSlip)?->text),
        };
    }

    /** Whether one rep at least is as likely as not, as it is wherever the legs help; unassisted, whether a try is worth it. */
    public static function isPossible(AthleteContext $context, Rung $rung): bool
    {
        $chance = HousePractice::paced($context->estimate($rung)->onRung($rung), $rung->exercise, $context->rules)?->chanceOf(1.0);

        return $chance === null
            || $rung->legsGiveTheRest()
            || $rung->exercise->style->isStraightArmed()
            || ($rung->exercise->isStrictPull() ? StrictTry::isWorthIt($chance) : $chance >= self::ONE_REP);
    }

    /** Whether a line's amount can be done on it: seconds are held, reps are not. */
    private static function isCountedIn(Rung $rung, Prescription $line): bool
    {
        return ($line->amount->measure === Measure::Seconds) === ($rung->exercise->style->movement === Movement::Hold);
    }

    private static function easier(Course $course): ?Rung
    {
        return $course->down !== null && $course->down->stage === $course->now->stage ? $course->down->rung : null;
    }

    private static function instead(?Rung $easier, Rung $inUse): self
    {
        return $easier === null || $easier->load->effectiveShare() >= $inUse->load->effectiveShare()
            ? new self($inUse)
            : new self($easier, "Not one rep is likely on $inUse->name today: more help.");
    }
}
