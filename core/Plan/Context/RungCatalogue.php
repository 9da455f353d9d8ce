<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

use SteadyRung\Body\PullTop;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Kit\Kit;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Safety\Limits;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\Estimate;

/**
 * What one athlete can be put on today with this gym's gear, within the screen's limits.
 */
interface RungCatalogue
{
    /** The same for pulls that end with the chin, or the chest, at the bar; itself where they do. */
    public function pulledTo(PullTop $top): self;

    /** @return list<Rung> what the gear makes of a method's means, from the least carried to the most */
    public function rungs(AllowedExercises $allowed): array;

    /** Where a rung leads. */
    public function steps(Rung $now, Estimate $estimate): Steps;

    public function rung(Exercise $exercise): Rung|DoesNotFit|null;

    /** The unassisted pull-up, whatever the limits: what pain is drawn on where nothing else is. */
    public function strict(): Rung;

    public function kit(): Kit;

    public function limits(): Limits;
}
