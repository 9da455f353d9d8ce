<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Ladder\Steps;

/**
 * No set up to the floor in two sessions running: more help.
 */
final readonly class StepDownBelowFloor implements Rule
{
    public function judge(Situation $situation): ?Call
    {
        $standard = $situation->standard;
        $down = $situation->steps->down;
        if ($situation->sessionsShort() < $standard->sessions || $down === null) {
            return null;
        }
        $last = array_slice($situation->sessions, -$standard->sessions);
        $counts = implode('; ', array_map(static fn (SessionResult $s): string => $s->counts(), $last));

        return new Call(
            Verdict::StepDown,
            'below-floor',
            $down,
            [
                sprintf('Under %d clean in %d sessions running (%s).', $standard->floorReps, $standard->sessions, $counts),
                $this->easing($situation->rung()->share(), $down->share()),
            ],
            Confidence::Firm,
            $situation->capacity === null ? null : $situation->chanceOfFloor($down),
            [sprintf('One set of %d clean or more would hold this set-up.', $standard->floorReps)],
        );
    }

    private function easing(float $from, float $to): string
    {
        $easing = $from - $to;
        $large = $easing > Steps::LARGEST ? ' The kit has nothing nearer.' : '';

        return sprintf('The next easier set-up takes off %.0f %% of bodyweight more.%s', 100 * $easing, $large);
    }
}
