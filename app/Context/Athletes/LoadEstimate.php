<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Context\Gym\GymDay;
use App\Formats\Day;
use App\Models\Athletes\CapacityRecord;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Estimate;

/**
 * What is believed of athletes today: the one place where a stored state becomes a belief.
 */
final readonly class LoadEstimate
{
    public function __construct(private GymDay $days, private CapacityBefore $before)
    {
    }

    /** Of an athlete in a movement; where a lane has no capacity nothing is believed. */
    public function of(string $athleteId, ?Pattern $pattern): Estimate
    {
        return $this->from($pattern === null ? null : CapacityRecord::newest($athleteId, $pattern));
    }

    public function from(?CapacityRecord $newest): Estimate
    {
        $today = $this->days->today();
        $state = $newest?->toCore() ?? ($newest === null ? null : $this->before->of($newest->athlete_id, Pattern::from($newest->pattern)));

        return Estimate::on(Day::number($today), $state);
    }
}
