<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\InWords;
use SteadyRung\Plan\Session\Strict\StrictGoal;

/**
 * The next number of strict reps is as likely as not: a test, first in the session, fresh.
 */
final readonly class TestWhenLikely implements Rule
{
    private const NEARLY = 0.25;

    public function verdict(): Verdict
    {
        return Verdict::Test;
    }

    public function name(): string
    {
        return 'strict-likely';
    }

    public function look(Situation $situation): Finding
    {
        $goal = $situation->signs->goal;
        if ($goal === null || $goal->chance < self::NEARLY) {
            return Finding::silent();
        }
        $days = $situation->signs->daysSinceTry;
        $likely = new Evidence(
            sprintf(
                '%s: %s.',
                $goal->words(),
                InWords::chanceAgainst($goal->chance, StrictGoal::TEST_CHANCE),
            ),
            $goal->chance,
            StrictGoal::TEST_CHANCE,
        );
        $apart = $days === null
            ? []
            : [new Evidence(
                sprintf('The last try was %s ago%s.', $days === 1 ? 'a day' : "$days days", $goal->isDue ? '' : ', too few for another'),
                (float) $days,
            )];

        return $goal->isTest() && $goal->isDue
            ? Finding::fires(new Call(
                verdict: $this->verdict(),
                rule: $this->name(),
                next: $goal->strict,
                reasons: [$likely, ...$apart],
                confidence: Confidence::Fair,
                chance: $goal->chance,
                missing: ['A test made; a miss does no harm.'],
            ))
            : Finding::nearly($likely, ...$apart);
    }
}
