<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\InWords;

/**
 * Eight in the first set are likely on the next rung already: less help, without waiting for the gate.
 */
final readonly class ClimbWhenEasy implements Rule
{
    private const REPS = 8;

    private const NEARLY = 0.6;

    public function verdict(): Verdict
    {
        return Verdict::Climb;
    }

    public function name(): string
    {
        return 'easy';
    }

    public function look(Situation $situation): Finding
    {
        $next = $situation->steps->up;
        $chance = $next === null || $situation->signs->endsStage || $situation->sessions === [] || $next->legsGiveTheRest()
            ? null
            : $situation->predict($next)?->chanceOf(self::REPS);
        if ($next === null || $chance === null || $chance < self::NEARLY) {
            return Finding::silent();
        }
        $evidence = new Evidence(
            sprintf(
                '%d in the first set on the next set-up: %s.',
                self::REPS,
                InWords::chanceAgainst($chance, $situation->standard->chance),
            ),
            $chance,
            $situation->standard->chance,
        );

        return $chance < $situation->standard->chance ? Finding::nearly($evidence) : Finding::fires(new Call(
            verdict: $this->verdict(), rule: $this->name(), next: $next, reasons: [
                $evidence,
                ...$situation->largeStep(),
            ], confidence: Confidence::Fair, chance: $situation->chanceOfFloor($next), missing: [
                'Pain, or a session under the floor.',
            ], mixed: $situation->mixedSet(),
        ));
    }
}
