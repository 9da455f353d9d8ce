<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Context\Gym\GymDay;
use App\Models\Log\LoggedSet;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Filter\SetFall;

/**
 * How an athlete's capacity falls from set to set, from the sets of the last weeks.
 */
final readonly class LearnedFall
{
    public function __construct(private GymDay $days)
    {
    }

    public function of(string $athleteId, Pattern $pattern): SetFall
    {
        return SetFall::learned(array_map(
            array_values(...),
            array_values(LoggedSet::paced($athleteId, $pattern, from: $this->days->daysAgo(SetFall::DAYS))),
        ));
    }
}
