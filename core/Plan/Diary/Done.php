<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\ExecutionStyle;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\Measure;
use SteadyRung\Safety\Pain;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Reps\Seconds;

/**
 * A set of the log as planning and judging look at it.
 */
final readonly class Done
{
    /** A set with more than this in reserve is no hard one. */
    private const HARD_RESERVE = 3;

    private const SAME_SHARE = 1e-6;

    /** Less than this part of what was asked is a failed set (prototypes). */
    public const FAILED = 0.6;

    /**
     * @param  float  $share  carried, of bodyweight
     * @param  string|null  $work  the same wherever the same work is done, where the gear is known by name
     * @param  bool  $isPart  it goes on from another set: done tired, it is no evidence and no gate
     * @param  int  $noCounts  reps that did not count
     * @param  int  $uneven  lowerings that went down unevenly
     * @param  list<FormFault>  $faults
     * @param  float|null  $atS  second of the day, where the rests are known
     * @param  float|null  $seconds  of a hold; of a lowering the mean of its counted reps
     */
    public function __construct(
        public int $day,
        public Purpose $purpose,
        public ChoiceKind $kind,
        public ExecutionStyle $style,
        public float $share,
        public FeltLoad $load,
        public ?string $work = null,
        public bool $isPart = false,
        public ?int $askedReps = null,
        public bool $toFailure = false,
        public ?int $reps = null,
        public int $noCounts = 0,
        public array $faults = [],
        public ?int $reserve = null,
        public ?float $seconds = null,
        public ?Pain $pain = null,
        public ?float $atS = null,
        public int $uneven = 0,
    ) {
    }

    /** The same work on the same load, though another bar may make it. */
    public function isOn(Rung $rung): bool
    {
        $other = $rung->exercise->style;

        return $this->kind === $rung->exercise->setup->kind()
            && $this->style->movement === $other->movement
            && $this->style->at === $other->at
            && $this->style->grip === $other->grip
            && ($this->work === null || $this->work === $rung->exercise->work())
            && abs($this->share - $rung->share()) < Steps::SMALLEST;
    }

    /** Whether it is a lowering of fewer seconds than count, where more are asked. */
    public function isShorterThan(Rung $rung): bool
    {
        return $this->isLowering() && $this->style->seconds < min(Seconds::FIRST_S, (float) $rung->exercise->style->seconds);
    }

    public function lane(): Lane
    {
        return $this->style->movement->isTimed() ? Lane::Seconds : $this->kind->lane();
    }

    public function pattern(): ?Pattern
    {
        return $this->style->pattern($this->kind);
    }

    /** Reps of the whole pull with all of bodyweight, where somebody saw them. */
    public function strictReps(): int
    {
        return $this->purpose !== Purpose::Home
            && $this->share >= 1.0 - self::SAME_SHARE
            && $this->style->movement === Movement::Full
            && $this->pattern() === Pattern::Pull
            ? (int) $this->reps
            : 0;
    }

    /** The same under the bar. */
    public function strictChinUps(): int
    {
        return $this->share >= 1.0 - self::SAME_SHARE && $this->style->movement === Movement::Full && $this->pattern() === Pattern::Chin
            ? (int) $this->reps
            : 0;
    }

    /** Whether it came to little of what was asked. */
    public function isFailed(): bool
    {
        return $this->askedReps !== null && $this->reps !== null && $this->reps < self::FAILED * $this->askedReps;
    }

    /** What a gate counts of it; of lowerings those that went down evenly. */
    public function count(Measure $measure): int
    {
        return (int) floor($measure === Measure::Seconds ? $this->seconds ?? 0.0 : (float) max(0, ($this->reps ?? 0) - $this->uneven));
    }

    /** Reps that went down slowly enough to count, uneven ones too: they made as sore. */
    public function lowerings(): int
    {
        return $this->isLowering() && ! $this->isTooFast() ? $this->reps ?? 1 : 0;
    }

    public function isLowering(): bool
    {
        return $this->style->movement === Movement::Lowering;
    }

    /** A lowering that went down faster than was asked. */
    public function isTooFast(): bool
    {
        return $this->isLowering() && $this->seconds !== null && $this->seconds < min(Seconds::FIRST_S, (float) $this->style->seconds);
    }

    /** A pull, a lowering or a hold on top with little or unknown reserve; tries, tests and baselines are none. */
    public function isHardVertical(): bool
    {
        return $this->purpose->isTraining() && $this->kind->lane() === Lane::Pull && ! $this->style->isStraightArmed()
            && ($this->reserve === null || $this->reserve <= self::HARD_RESERVE);
    }

    /** What it says of capacity; nothing where it was done tired, or is no evidence. */
    public function observation(): ?Observation
    {
        $seconds = $this->seconds ?? ($this->reps > 0 ? $this->style->seconds : null);

        return match (true) {
            $this->isPart || $this->pattern() === null => null,
            ! $this->style->movement->isTimed() => $this->reps === null
                ? null
                : Observation::reps(
                    day: $this->day,
                    load: $this->load,
                    reps: $this->reps,
                    reserve: $this->reserve,
                    target: $this->askedReps,
                    toFailure: $this->toFailure,
                    occasion: $this->purpose->occasion(),
                ),
            $seconds === null || $seconds < Seconds::ASKED[0] => null,
            default => Observation::held(
                $this->day,
                $this->load,
                $this->style->movement,
                min($seconds, Seconds::ASKED[1]),
                $this->purpose->occasion(),
            ),
        };
    }
}
