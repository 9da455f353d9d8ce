<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\Normal;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;

/**
 * The share that unmeasured help leaves to the arms, given back by clean reps at a known capacity: the share thought of, divided by what
 * the set-up turned out easier, within what the height of the box allows. It is believed, never stored as measured.
 */
final readonly class LearnedHelp
{
    /** With less told by the sets than this part of what was unknown, nothing was learned. */
    private const LEAST_TOLD = 0.15;

    private function __construct(public float $share, public float $low80, public float $high80)
    {
    }

    /** None where the help was measured, or where the sets so far leave it as unsure as it was. */
    public static function of(CapacityState $state, CarriedLoad $load, FeltLoad $felt): ?self
    {
        $error = $load->shareRange === null ? null : $state->errorOf($felt);
        if ($error === null || $error->sd() > (1.0 - self::LEAST_TOLD) * $felt->sdLog()) {
            return null;
        }
        $share = static fn (float $easier): float => max($load->shareRange[0], min($load->shareRange[1], $load->share() * exp(-$easier)));
        $spread = Normal::Z90 * $error->sd();

        return new self($share($error->mean()), $share($error->mean() + $spread), $share($error->mean() - $spread));
    }
}
