<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Practice;
use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\Line\MixedSet;
use SteadyRung\Strength\Filter\SetFall;
use SteadyRung\Strength\RepPrediction;
use SteadyRung\Strength\Reps\Seconds;

/**
 * Everything a call is made from.
 */
final readonly class Situation
{
    private const USUAL_RESERVE = 1;

    /**
     * @param  list<SessionResult>  $sessions  the latest sessions running on the present rung, oldest first
     */
    public function __construct(
        public Steps $steps,
        public array $sessions,
        public Foresight $foresight,
        public Signs $signs = new Signs,
        public Standard $standard = new Standard,
        public ?SetFall $fall = null,
        public ?Course $course = null,
        public int $today = 0,
    ) {
    }

    public function rung(): Rung
    {
        return $this->steps->from;
    }

    public function predict(Rung $rung): ?RepPrediction
    {
        return $this->foresight->reps($rung);
    }

    public function seconds(Rung $rung): ?Seconds
    {
        return $this->foresight->seconds($rung);
    }

    /** Chance of the floor on a rung; none before a baseline. */
    public function chanceOfFloor(Rung $rung): ?float
    {
        return $this->chanceOf($rung, $this->standard->floor);
    }

    /** Chance of so many reps, or of so many seconds where the rung is timed. */
    public function chanceOf(Rung $rung, int $count): ?float
    {
        return $this->predict($rung)?->chanceOf((float) $count)
            ?? $this->seconds($rung)?->chanceOf(
                (float) max(1, $this->standard->measure === Measure::Seconds ? $count : (int) $rung->exercise->style->seconds),
            );
    }

    /** Chance of so many reps in the last set of the gate, tired by those before; none where seconds count. */
    public function chanceInLastSet(Rung $rung, int $count): ?float
    {
        $left = ($this->fall ?? SetFall::ofAnybody())->over(
            $this->standard->sets,
            (float) Practice::of($rung->exercise)->restS[0],
            self::USUAL_RESERVE,
        );

        return $this->predict($rung)?->with($left[count($left) - 1])->chanceOf((float) $count);
    }

    /**
     * What to say where the next step up is larger than 12 % of bodyweight, though the ladder has in-between rungs wherever
     * the gear allows them.
     *
     * @return list<Evidence>
     */
    public function largeStep(): array
    {
        $size = $this->steps->sizeUp();

        return $this->steps->isTooLarge() && ! $this->signs->endsStage ? [new Evidence(
            sprintf(
                'The next step is %.0f %% of bodyweight, more than %.0f %%: this kit has nothing in between.%s',
                100 * $size,
                100 * Steps::LARGEST,
                $this->mixedSet() === null ? '' : ' Mix the set.',
            ),
            $size,
            Steps::LARGEST,
        )] : [];
    }

    /** What the step up is practised with, where it is too large. */
    public function mixedSet(): ?MixedSet
    {
        $next = $this->steps->up === null ? null : $this->predict($this->steps->up);

        return $this->standard->measure === Measure::Reps
            ? MixedSet::over($this->steps, $this->signs->endsStage, $this->standard->count, $next)
            : null;
    }

    /** How many of the latest sessions running met the gate. */
    public function sessionsMet(): int
    {
        return $this->running(fn (SessionResult $s): bool => $s->meets($this->standard));
    }

    /** How many of the latest sessions running fell short of the floor. */
    public function sessionsShort(): int
    {
        return $this->running(fn (SessionResult $s): bool => $s->fallsShort($this->standard));
    }

    /** How many of the latest sessions running were hard and fell far under what was foretold. */
    public function sessionsFallenOff(): int
    {
        return $this->running(static fn (SessionResult $s): bool => $s->fallsOff());
    }

    public function latest(): ?SessionResult
    {
        return $this->sessions === [] ? null : $this->sessions[count($this->sessions) - 1];
    }

    /** @param  \Closure(SessionResult): bool  $holds */
    private function running(\Closure $holds): int
    {
        $count = 0;
        foreach (array_reverse($this->sessions) as $session) {
            if (! $holds($session)) {
                break;
            }
            $count++;
        }

        return $count;
    }
}
