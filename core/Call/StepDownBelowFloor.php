<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\Steps;

/**
 * No set up to the floor in two sessions running: more help.
 */
final readonly class StepDownBelowFloor implements Rule
{
    public function verdict(): Verdict
    {
        return Verdict::StepDown;
    }

    public function name(): string
    {
        return 'below-floor';
    }

    public function look(Situation $situation): Finding
    {
        $short = $situation->sessionsShort();
        $down = $situation->steps->down;

        return match (true) {
            $short === 0 || $down === null => Finding::silent(),
            $short < $situation->standard->sessions => Finding::nearly($this->evidence($situation, $short)),
            default => Finding::fires($this->call($situation, $down)),
        };
    }

    private function call(Situation $situation, Rung $down): Call
    {
        $standard = $situation->standard;

        return new Call(
            $this->verdict(),
            $this->name(),
            $down,
            [$this->evidence($situation, $situation->sessionsShort()), $this->easing($situation->rung()->share() - $down->share())],
            Confidence::Firm,
            $situation->chanceOfFloor($down),
            [sprintf('One set of %s or more would hold this set-up.', $standard->countWords($standard->floor))],
        );
    }

    private function evidence(Situation $situation, int $short): Evidence
    {
        $standard = $situation->standard;
        $last = array_slice($situation->sessions, -$short);
        $counts = implode('; ', array_map(static fn (SessionResult $s): string => $s->counts(), $last));

        return new Evidence(
            sprintf('Under %s in %s (%s).', $standard->countWords($standard->floor), $short === 1 ? 'one session' : "$short sessions running", $counts),
            (float) $short,
            (float) $standard->sessions,
        );
    }

    private function easing(float $easing): Evidence
    {
        $large = $easing > Steps::LARGEST ? ' The kit has nothing nearer.' : '';

        return new Evidence(sprintf('The next easier set-up takes off %.0f %% of bodyweight more.%s', 100 * $easing, $large), $easing);
    }
}
