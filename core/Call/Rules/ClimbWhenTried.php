<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;

/**
 * Two trials running were passed on a harder set-up: that is the next.
 */
final readonly class ClimbWhenTried implements Rule
{
    public function verdict(): Verdict
    {
        return Verdict::Climb;
    }

    public function name(): string
    {
        return 'tried';
    }

    public function look(Situation $situation): Finding
    {
        $tried = $situation->signs->tried;
        if ($tried === null) {
            return Finding::silent();
        }

        return Finding::fires(new Call(
            verdict: $this->verdict(),
            rule: $this->name(),
            next: $tried,
            reasons: [new Evidence("Two trials running were passed on $tried->name."), ...$situation->largeStep()],
            confidence: Confidence::Fair,
            chance: $situation->chanceOfFloor($tried),
            missing: ['Pain, or a session under the floor.'],
        ));
    }
}
