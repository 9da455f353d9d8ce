<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;

/**
 * The weeks of a builder are over: a fresh test says what they brought.
 */
final readonly class TestWhenBuilderEnds implements Rule
{
    public function verdict(): Verdict
    {
        return Verdict::Test;
    }

    public function name(): string
    {
        return 'builder-ends';
    }

    public function look(Situation $situation): Finding
    {
        [$over, $goal] = [$situation->signs->over, $situation->signs->goal];

        return $over === null || $over->isTested || $goal === null ? Finding::silent() : Finding::fires(new Call(
            verdict: $this->verdict(),
            rule: $this->name(),
            next: $goal->strict,
            reasons: [new Evidence($over->words().' As many strict reps as there are, first and fresh.')],
            confidence: Confidence::Firm,
            chance: $goal->chance,
            missing: ["The test. $over->next"],
        ));
    }
}
