<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\SessionResult;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Rung;
use SteadyRung\InWords;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\Measure;

/**
 * Half of the sets short of what was asked in two sessions running, far short in one, or not one rep likely: more help.
 */
final readonly class StepDownBelowFloor implements Rule
{
    /** One rep at least is as likely as not, or the set-up is out of reach. */
    private const ONE_REP = 0.5;

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
        $chance = $down === null ? null : $this->chanceOfOne($situation);

        return match (true) {
            $down === null => Finding::silent(),
            $chance !== null && $chance < self::ONE_REP => Finding::fires($this->call($situation, $down, $this->hopeless($chance))),
            $situation->latest()?->fallsFarShort($situation->standard) === true => Finding::fires(
                $this->call($situation, $down, $this->evidence($situation, 1, 'far under')),
            ),
            $short === 0 => Finding::silent(),
            $short < $situation->standard->sessions => Finding::nearly($this->evidence($situation, $short)),
            default => Finding::fires($this->call($situation, $down, $this->evidence($situation, $short))),
        };
    }

    /** Nothing of unassisted reps, which are tried before they are likely. */
    private function chanceOfOne(Situation $situation): ?float
    {
        $rung = $situation->rung();

        return $rung->share() < 1.0 ? $situation->predict($rung)?->chanceOf(1.0) : null;
    }

    private function hopeless(float $chance): Evidence
    {
        return new Evidence(
            sprintf('One rep on this set-up today: %s.', InWords::chanceAgainst($chance, self::ONE_REP)),
            $chance,
            self::ONE_REP,
        );
    }

    private function call(Situation $situation, Rung $down, Evidence $why): Call
    {
        $standard = $situation->standard;

        return new Call(
            verdict: $this->verdict(),
            rule: $this->name(),
            next: $down,
            reasons: [$why, $this->easing($situation->rung()->share() - $down->share())],
            confidence: Confidence::Firm,
            chance: $situation->chanceOfFloor($down),
            missing: [sprintf(
                '%s of %s or more would hold this set-up.',
                $standard->measure === Measure::Reps ? 'Half of the sets' : 'One set',
                $standard->countWords($standard->floor),
            )],
        );
    }

    private function evidence(Situation $situation, int $short, string $how = 'short of'): Evidence
    {
        $standard = $situation->standard;
        $last = array_slice($situation->sessions, -$short);
        $counts = implode('; ', array_map(static fn (SessionResult $s): string => $s->counts(), $last));

        return new Evidence(
            sprintf(
                '%s in %s (%s).',
                $standard->measure === Measure::Reps
                    ? sprintf('Half of the sets %s the %d asked', $how, $last[0]->askedOr($standard))
                    : 'Under '.$standard->countWords($standard->floor),
                $short === 1 ? 'one session' : "$short sessions running",
                $counts,
            ),
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
