<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Ladder\Rung;

/**
 * The gate met in two sessions running, and the floor likely on the next rung: less help. Where the step is too large,
 * the hardest in-between set-up that the athlete is likely to manage.
 */
final readonly class ClimbWhenGateMet implements Rule
{
    private const FIRM_CHANCE = 0.9;

    public function judge(Situation $situation): ?Call
    {
        $standard = $situation->standard;
        if ($situation->sessionsMet() < $standard->sessions) {
            return null;
        }
        $next = $this->next($situation);
        if ($next === null) {
            return null;
        }
        $chance = $situation->chanceOfFloor($next);
        $steps = $situation->steps;

        return new Call(
            Verdict::Climb,
            'gate-met',
            $next,
            [
                sprintf('Every set at %d clean or more in %d sessions running (%d sets or more each).', $standard->gateReps, $standard->sessions, $standard->sets),
                sprintf('%.0f %% chance of %d clean or more on the next set-up (%.0f %% is asked).', 100 * $chance, $standard->floorReps, 100 * $standard->chance),
                ...LargeStep::words($situation, $next),
            ],
            $chance >= self::FIRM_CHANCE ? Confidence::Firm : Confidence::Fair,
            $chance,
            ['Pain, or a session under the gate.'],
            $steps->between,
            LargeStep::mixedSet($situation),
        );
    }

    private function next(Situation $situation): ?Rung
    {
        $steps = $situation->steps;
        $candidates = $steps->between === [] ? array_filter([$steps->up]) : $steps->between;
        foreach (array_reverse($candidates) as $rung) {
            if ($situation->chanceOfFloor($rung) >= $situation->standard->chance) {
                return $rung;
            }
        }

        return null;
    }
}
