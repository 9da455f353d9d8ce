<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Exercise\Rung;
use SteadyRung\InWords;

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
        $chance = $next === null ? null : $situation->chanceOfFloor($next);

        return match (true) {
            $met === 0 || $next === null => Finding::silent(),
            $met < $situation->standard->sessions => Finding::nearly($this->gate($situation, $met)),
            $chance === null => Finding::nearly($this->gate($situation, $met), new Evidence('No baseline yet, so nobody knows the reps on the next set-up.')),
            $chance < $situation->standard->chance => Finding::nearly($this->gate($situation, $met), $this->likely($situation, $chance)),
            default => Finding::fires($this->call($situation, $next, $chance)),
        };
    }

    private function call(Situation $situation, Rung $next, float $chance): Call
    {
        return new Call(
            $this->verdict(),
            $this->name(),
            $next,
            [$this->gate($situation, $situation->sessionsMet()), $this->likely($situation, $chance), ...$situation->largeStep()],
            $chance >= self::FIRM_CHANCE ? Confidence::Firm : Confidence::Fair,
            $chance,
            ['Pain, or a session under the gate.'],
            MixedSet::over($situation),
        );
    }

    private function gate(Situation $situation, int $met): Evidence
    {
        $standard = $situation->standard;

        return new Evidence(
            sprintf('Every set at %d clean or more in %s (%d sets or more each).', $standard->gateReps, $met === 1 ? 'one session' : "$met sessions running", $standard->sets),
            (float) $met,
            (float) $standard->sessions,
        );
    }

    private function likely(Situation $situation, float $chance): Evidence
    {
        $standard = $situation->standard;

        return new Evidence(
            sprintf('%d clean on the next set-up: %s; it needs %s.', $standard->floorReps, InWords::chance($chance), InWords::chance($standard->chance)),
            $chance,
            $standard->chance,
        );
    }
}
