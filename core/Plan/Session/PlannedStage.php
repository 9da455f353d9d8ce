<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Method\Stage;

/**
 * A stage on the weeks ahead: from a week to another, open where it is not foreseeable.
 */
final readonly class PlannedStage
{
    public function __construct(public Stage $stage, public int $fromWeek, public ?int $toWeek)
    {
    }
}
