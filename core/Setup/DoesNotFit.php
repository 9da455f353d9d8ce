<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

/**
 * The answer of a set-up that this body, bar or band does not allow, with the reason and the way out.
 */
final readonly class DoesNotFit
{
    private function __construct(public Misfit $misfit, public string $reason)
    {
    }

    public static function barTooLow(float $barHeightM, float $neededM): self
    {
        return new self(Misfit::BarTooLow, sprintf(
            'The bar at %.2f m is %.0f cm too low to hang clear of the floor here. Take a bar at %.2f m or higher.',
            $barHeightM, ceil(100 * ($neededM - $barHeightM)), $neededM,
        ));
    }

    public static function noHelp(string $band, float $hungLengthM, float $hangLengthM): self
    {
        return new self(Misfit::NoHelp, sprintf(
            'Band %s hangs %.2f m long and has only %.2f m to fill, so it stays slack and helps nothing. Take a shorter band, or the foot instead of the knee.',
            $band, $hungLengthM, $hangLengthM,
        ));
    }

    public static function stretchTooHigh(string $band, float $stretch, float $most): self
    {
        return new self(Misfit::StretchTooHigh, sprintf(
            'Band %s would be stretched to %.1f times its hung length; %.1f is the most that is safe. Take a longer band, or the knee instead of the foot.',
            $band, $stretch, $most,
        ));
    }

    public static function liftsOff(float $helpKg, float $massKg): self
    {
        return new self(Misfit::LiftsOff, sprintf(
            'At the bottom the band lifts %.1f kg, more than the %.1f kg on it: no full hang. Take a thinner band, or the knee.',
            $helpKg, $massKg,
        ));
    }
}
