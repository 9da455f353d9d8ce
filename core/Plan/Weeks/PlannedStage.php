<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Weeks;

use SteadyRung\Method\Stage;

/**
 * A stage on the weeks ahead: from a week to another, and eight times in ten between two others; open where it is not foreseeable
 * within the year.
 */
final readonly class PlannedStage
{
    public function __construct(
        public Stage $stage,
        public int $fromWeek,
        public ?int $toWeek,
        public ?int $soonestWeek = null,
        public ?int $latestWeek = null,
    ) {
    }
}
