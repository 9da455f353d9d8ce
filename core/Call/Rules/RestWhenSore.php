<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Safety\Caution;

/**
 * Marked soreness: an easy day first.
 */
final readonly class RestWhenSore implements Rule
{
    public function verdict(): Verdict
    {
        return Verdict::Rest;
    }

    public function name(): string
    {
        return 'sore';
    }

    public function look(Situation $situation): Finding
    {
        $soreness = $situation->signs->soreness;
        $evidence = new Evidence(
            sprintf('Sore, %d of 5: rest from %d on.', $soreness, Signal::MARKED_SORENESS),
            (float) $soreness,
            (float) Signal::MARKED_SORENESS,
        );

        return match (true) {
            $soreness === null || $soreness < Signal::MARKED_SORENESS - 1 => Finding::silent(),
            $soreness < Signal::MARKED_SORENESS => Finding::nearly($evidence),
            default => Finding::fires(new Call(
                verdict: $this->verdict(), rule: $this->name(), next: $situation->rung(), reasons: [$evidence], confidence: Confidence::Firm,
                missing: ['Soreness of 3 or less: ask again tomorrow.'], cautions: [Caution::LoweringSoreness, Caution::MuscleBreakdown],
            )),
        };
    }
}
