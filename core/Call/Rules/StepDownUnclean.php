<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\SessionResult;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;

/**
 * Too many reps that did not count, or lowerings that dropped: more help, and clean again.
 */
final readonly class StepDownUnclean implements Rule
{
    private const NEARLY = 0.8;

    public function verdict(): Verdict
    {
        return Verdict::StepDown;
    }

    public function name(): string
    {
        return 'unclean';
    }

    public function look(Situation $situation): Finding
    {
        $latest = $situation->latest();
        $down = $situation->steps->down;
        if ($latest === null || $down === null) {
            return Finding::silent();
        }
        $clean = new Evidence(
            sprintf(
                '%.0f %% of the last session’s reps counted; under %.0f %% is too few.',
                100 * $latest->cleanShare(),
                100 * SessionResult::LEAST_CLEAN,
            ),
            $latest->cleanShare(),
            SessionResult::LEAST_CLEAN,
        );
        $fast = new Evidence(
            sprintf('%d of %d sets went down faster than asked.', $latest->tooFast, count($latest->clean)),
            (float) $latest->tooFast,
            count($latest->clean) / 2,
        );

        return match (true) {
            $latest->isUnclean() || $latest->isTooFast() => Finding::fires($this->call(
                $situation,
                ...array_values(array_filter([$latest->isUnclean() ? $clean : null, $latest->isTooFast() ? $fast : null])),
            )),
            $latest->noCounts > 0 && $latest->cleanShare() < self::NEARLY => Finding::nearly($clean),
            $latest->tooFast > 0 => Finding::nearly($fast),
            default => Finding::silent(),
        };
    }

    private function call(Situation $situation, Evidence ...$evidence): Call
    {
        $down = $situation->steps->down;
        assert($down !== null);

        return new Call(
            verdict: $this->verdict(),
            rule: $this->name(),
            next: $down,
            reasons: array_values($evidence),
            confidence: Confidence::Fair,
            chance: $situation->chanceOfFloor($down),
            missing: ['A session with seven in ten reps clean, each way down as slow as asked.'],
        );
    }
}
