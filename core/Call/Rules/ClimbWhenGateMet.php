<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Rung;
use SteadyRung\InWords;
use SteadyRung\Method\Measure;

/**
 * The gate met in two sessions running, and the floor likely on the next rung: less help.
 */
final readonly class ClimbWhenGateMet implements Rule
{
    private const FIRM_CHANCE = 0.9;

    public function verdict(): Verdict
    {
        return Verdict::Climb;
    }

    public function name(): string
    {
        return 'gate-met';
    }

    public function look(Situation $situation): Finding
    {
        $met = $situation->sessionsMet();
        $next = $situation->steps->up;
        if ($met === 0 || $next === null) {
            return Finding::silent();
        }
        $byLegs = $next->legsGiveTheRest();
        $chance = $byLegs ? null : $this->chance($situation, $next);
        $lacking = [
            ...$this->stage($situation),
            ...($chance !== null && $chance < $situation->standard->chance ? [$this->likely($situation, $chance)] : []),
            ...(
                $chance === null
                && ! $byLegs
                && ! $next->exercise->style->isStraightArmed()
                    ? [new Evidence('No baseline yet, so nobody knows the reps on the next set-up.')]
                    : []
            ),
        ];

        return match (true) {
            $met < $situation->standard->sessions || $lacking !== [] => Finding::nearly($this->gate($situation, $met), ...$lacking),
            default => Finding::fires($this->call($situation, $next, $chance)),
        };
    }

    /** The floor and one in reserve in the first set on the next rung, and the floor still in the last; the smaller of both. */
    private function chance(Situation $situation, Rung $next): ?float
    {
        if ($situation->signs->endsStage) {
            return $situation->chanceOf($next, 1);
        }
        $floor = $situation->standard->floor;
        $first = $situation->chanceOf($next, $floor + 1);
        $last = $situation->standard->measure === Measure::Reps ? $situation->chanceInLastSet($next, $floor) : null;

        return $first === null || $last === null ? $first : min($first, $last);
    }

    /** @return list<Evidence> what the end of a stage asks for beside its gate */
    private function stage(Situation $situation): array
    {
        $signs = $situation->signs;
        $days = $situation->standard->leastDays;

        return $signs->endsStage ? [
            ...(
                $signs->daysAtStage < $days
                    ? [new Evidence(
                        sprintf('%d days at this stage; it takes %d at the least.', $signs->daysAtStage, $days),
                        (float) $signs->daysAtStage,
                        (float) $days,
                    )]
                    : []
            ),
            ...($signs->lacks === null ? [] : [new Evidence($signs->lacks)]),
        ] : [];
    }

    private function call(Situation $situation, Rung $next, ?float $chance): Call
    {
        return new Call(
            verdict: $this->verdict(),
            rule: $this->name(),
            next: $next,
            reasons: [
                $this->gate($situation, $situation->sessionsMet()),
                ...($chance === null ? [] : [$this->likely($situation, $chance)]),
                ...$situation->largeStep(),
            ],
            confidence: $chance >= self::FIRM_CHANCE ? Confidence::Firm : Confidence::Fair,
            chance: $chance,
            missing: ['Pain, or a session under the gate.'],
            mixed: $situation->mixedSet(),
        );
    }

    private function gate(Situation $situation, int $met): Evidence
    {
        $standard = $situation->standard;
        $sets = match (true) {
            $standard->measure === Measure::TotalReps => "{$standard->words()} in",
            $standard->sets === 1 => "{$standard->words()} in",
            default => sprintf('Every set at %s or more in', $standard->countWords($standard->count)),
        };

        return new Evidence(
            sprintf(
                '%s %s%s.',
                $sets,
                $met === 1 ? 'one session' : "$met sessions running",
                $standard->sets === 1 ? '' : " ($standard->sets sets or more each)",
            ),
            (float) $met,
            (float) $standard->sessions,
        );
    }

    private function likely(Situation $situation, float $chance): Evidence
    {
        $standard = $situation->standard;
        $what = $situation->signs->endsStage
            ? 'The first of the next stage'
            : sprintf('%s with one left on the next set-up', $standard->countWords($standard->floor));

        return new Evidence(sprintf('%s: %s.', $what, InWords::chanceAgainst($chance, $standard->chance)), $chance, $standard->chance);
    }
}
