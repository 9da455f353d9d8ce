<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\SetFall;

/**
 * What is believed of an athlete, today and on days before.
 */
interface Estimates
{
    /** Today; nothing where there is no pattern, or no set told of it. */
    public function of(?Pattern $pattern): Estimate;

    /** The same as it was before a day's sets, where anything was believed before. */
    public function before(int $day): self;

    /** Capacity as a share of bodyweight, as it was believed at the end of a day. */
    public function shareOn(Pattern $pattern, int $day): ?float;

    /** How capacity falls from set to set of a day. */
    public function fall(Pattern $pattern): SetFall;

    /** The median of reps that was to be expected on a load before a day's sets. */
    public function medianBefore(Pattern $pattern, FeltLoad $load, int $day): ?float;
}
