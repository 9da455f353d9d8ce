<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Plan\Diary\FallenOff;

/**
 * Two hard sessions running with far fewer reps than foretold: tired, not weak.
 */
final readonly class RestWhenFallingOff implements Rule
{
    public function verdict(): Verdict
    {
        return Verdict::Rest;
    }

    public function name(): string
    {
        return 'falls-off';
    }

    public function look(Situation $situation): Finding
    {
        $fallen = $situation->sessionsFallenOff();
        $latest = $situation->latest();
        if ($fallen === 0 || $latest === null) {
            return Finding::silent();
        }
        $evidence = new Evidence(
            sprintf(
                'First set %s under what was foretold, at an effort of 8 or more: last time %d where %.0f were likely.',
                $fallen === 1 ? 'a quarter' : "a quarter, $fallen sessions running,",
                $latest->clean[0],
                $latest->expected,
            ),
            (float) $fallen,
            (float) FallenOff::SESSIONS,
        );

        return $fallen < FallenOff::SESSIONS || self::isTooHard($situation) ? Finding::nearly($evidence) : Finding::fires(new Call(
            $this->verdict(), $this->name(), $situation->rung(), [$evidence], Confidence::Fair,
            missing: ['Some easy days; then a first set near what is foretold.'],
        ));
    }

    /** Whether the set-up is too hard as well: more help answers both. */
    private static function isTooHard(Situation $situation): bool
    {
        return (new StepDownBelowFloor)->look($situation)->call !== null;
    }
}
