<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;

/**
 * A stage of a calendar has had its weeks: the next one begins, and whether the gate was met is said.
 */
final readonly class ClimbByDate implements Rule
{
    private const DAYS_A_WEEK = 7;

    public function verdict(): Verdict
    {
        return Verdict::Climb;
    }

    public function name(): string
    {
        return 'by-date';
    }

    public function look(Situation $situation): Finding
    {
        $days = $situation->signs->endsAfterDays;
        $next = $situation->steps->up;
        if ($days === null || $next === null || ! $situation->signs->endsStage || $situation->signs->daysAtStage < $days) {
            return Finding::silent();
        }
        $met = $situation->sessionsMet();

        return Finding::fires(new Call(
            verdict: $this->verdict(),
            rule: $this->name(),
            next: $next,
            reasons: [
                new Evidence(
                    sprintf('The %d weeks of this part of the calendar are over.', intdiv($days, self::DAYS_A_WEEK)),
                    (float) $situation->signs->daysAtStage,
                    (float) $days,
                ),
                new Evidence(sprintf('Its gate, %s, was %s.', $situation->standard->words(), $met > 0 ? 'met last time' : 'not met')),
            ],
            confidence: $met > 0 ? Confidence::Fair : Confidence::Slight,
            chance: $situation->chanceOf($next, 1),
            missing: ['Pain, or a set-up that nothing of is likely on.'],
        ));
    }
}
