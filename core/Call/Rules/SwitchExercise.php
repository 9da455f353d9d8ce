<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Progress;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Plan\Diary\LimitingFactor;

/**
 * The same stage by other means: the gear is not there today, it does not take hold, the grip is what gives out, or three weeks of
 * training brought nothing.
 */
final readonly class SwitchExercise implements Rule
{
    private const GRIP_SESSIONS = 2;

    /** Fewer sessions running on one set-up are no standstill of it, nor is one whose gate is met (judgement). */
    private const STANDSTILL_SESSIONS = 4;

    public function verdict(): Verdict
    {
        return Verdict::SwitchTo;
    }

    public function name(): string
    {
        return 'other-means';
    }

    public function look(Situation $situation): Finding
    {
        $signs = $situation->signs;
        $grip = $this->gripSessions($situation);

        return match (true) {
            $signs->missing !== null => $this->fires(
                $situation,
                new Evidence("The set-up in use cannot be built today. $signs->missing"),
                Confidence::Firm,
                'The gear back in use.',
            ),
            $signs->takesNoHold => $this->fires(
                $situation,
                new Evidence('It does not take hold, as was told after the last session.'),
                Confidence::Fair,
                'Told that it is felt where it should be.',
            ),
            $grip >= self::GRIP_SESSIONS => $this->fires(
                $situation,
                $this->grip($grip),
                Confidence::Fair,
                'A longer hang: two hangs to beat at the end of each session, until the grip is not what gives out.',
            ),
            $signs->progress?->standsStill() === true && count($situation->sessions) >= self::STANDSTILL_SESSIONS && $situation->sessionsMet() === 0 => $this->fires(
                $situation,
                $this->standstill($signs->progress),
                Confidence::Slight,
                'Capacity above that of three weeks ago.',
            ),
            $grip > 0 => Finding::nearly($this->grip($grip)),
            $signs->progress !== null && $signs->progress->shareNow <= $signs->progress->shareThen => Finding::nearly(
                $this->standstill($signs->progress),
                new Evidence(
                    sprintf(
                        '%d of %d planned sessions done, clean and rested; it takes two in three.',
                        $signs->progress->sessions,
                        $signs->progress->planned,
                    ),
                    (float) $signs->progress->sessions,
                    (float) $signs->progress->planned * 2 / 3,
                ),
            ),
            default => Finding::silent(),
        };
    }

    private function fires(Situation $situation, Evidence $evidence, Confidence $confidence, string $missing): Finding
    {
        $next = $situation->signs->missing !== null ? $situation->rung() : $situation->signs->instead?->rung();

        return $next === null ? Finding::nearly(
            $evidence,
            new Evidence('This kit has no other exercise near this share.'),
        ) : Finding::fires(new Call(
            verdict: $this->verdict(), rule: $this->name(), next: $next, reasons: [$evidence], confidence: $confidence, chance: $situation->chanceOfFloor($next), missing: [$missing],
        ));
    }

    private function gripSessions(Situation $situation): int
    {
        $count = 0;
        foreach (array_reverse($situation->signs->limitingFactor) as $limitingFactor) {
            if ($limitingFactor !== LimitingFactor::Grip) {
                break;
            }
            $count++;
        }

        return $count;
    }

    private function grip(int $sessions): Evidence
    {
        return new Evidence(
            sprintf('The grip failed first in %s.', $sessions === 1 ? 'the last session' : "the last $sessions sessions"),
            (float) $sessions,
            (float) self::GRIP_SESSIONS,
        );
    }

    private function standstill(Progress $progress): Evidence
    {
        return new Evidence(
            sprintf('Capacity %.0f %% of bodyweight; three weeks ago %.0f %%.', 100 * $progress->shareNow, 100 * $progress->shareThen),
            $progress->shareNow,
            $progress->shareThen,
        );
    }
}
