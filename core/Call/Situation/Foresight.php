<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Rung;
use SteadyRung\Strength\RepPrediction;
use SteadyRung\Strength\Reps\Seconds;

/**
 * What is foretold of an athlete on rungs.
 */
interface Foresight
{
    /** Whether any set told of the work on the present rung. */
    public function isKnown(): bool;

    public function reps(Rung $rung): ?RepPrediction;

    public function seconds(Rung $rung): ?Seconds;
}
