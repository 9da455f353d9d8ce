<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\InWords;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;

/**
 * What was measured of a timed exercise, and how long it is asked for: from what was held on, a little more each time; from what is likely
 * where nobody held it yet.
 */
final readonly class HeldSeconds
{
    /** A hold to beat is beaten by so much at most (ours). */
    private const MORE = 1.2;

    /** A hold begins with so many. */
    public const LEAST_S = 2;

    /** Where the least asked is as likely as not it is asked. */
    private const EVEN = 0.5;

    /**
     * @param  Amount  $amount  seconds of a hold; anything else is as it was asked
     * @param  string|null  $measured  the longest and the last, in words; none where nobody saw it
     */
    private function __construct(public Amount $amount, public ?string $measured)
    {
    }

    public static function of(AthleteContext $context, Rung $rung, Amount $asked): self
    {
        $held = array_values(array_filter(array_map(
            static fn (Done $d): ?float => $d->isOn($rung) ? $d->seconds : null,
            $context->diary->done,
        )));
        $isHang = $rung->exercise->style->at?->isGrip() === true;
        $longest = $isHang ? $context->diary->longestHangS() : ($held === [] ? null : max($held));
        if ($longest === null) {
            return new self($asked->measure === Measure::Seconds ? self::likely($context, $rung, $asked) : $asked, null);
        }
        $last = $held === [] ? $longest : $held[count($held) - 1];

        return new self(
            $asked->measure === Measure::Seconds && $longest < $asked->low ? self::after($longest, $asked) : $asked,
            self::words($longest, $last, $rung->exercise->style->movement === Movement::Lowering ? ' each' : ''),
        );
    }

    private static function words(float $longest, float $last, string $each): string
    {
        return $last === $longest
            ? sprintf('Longest %s%s.', InWords::seconds($longest), $each)
            : sprintf('Longest %s%s, last %s.', InWords::seconds($longest), $each, InWords::seconds($last));
    }

    /** On from the longest, towards what is asked. */
    private static function after(float $longest, Amount $asked): Amount
    {
        $low = max(self::LEAST_S, (int) floor($longest));

        return Amount::of(Measure::Seconds, $low, max($low, min($asked->high, (int) ceil(self::MORE * $longest))));
    }

    private static function likely(AthleteContext $context, Rung $rung, Amount $asked): Amount
    {
        $seconds = $context->estimate($rung)->secondsOn($rung);
        if ($seconds === null || $seconds->chanceOf((float) $asked->low) >= self::EVEN) {
            return $asked;
        }
        $low = max(self::LEAST_S, (int) floor($seconds->low80()));

        return Amount::of(Measure::Seconds, $low, max($low, (int) floor($seconds->median())));
    }
}
