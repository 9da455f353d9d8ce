<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Exercise\Style\Width;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\UnknownGear;

/**
 * A set-up of this gym's gear, what is done on it, and how it is held.
 */
final readonly class Exercise
{
    private function __construct(public Choice $setup, public ExecutionStyle $style)
    {
    }

    /**
     * @throws NotDoable if the set-up does not allow it, or what it needs is not said
     * @throws \SteadyRung\OutOfRange if the seconds are outside their range
     */
    public static function of(
        Choice $setup,
        Movement $movement = Movement::Full,
        ?HoldAt $at = null,
        ?float $seconds = null,
        Grip $grip = Grip::Over,
        Width $width = Width::Outside,
        ?UpBy $upBy = null,
    ): self {
        return new self(
            $setup,
            ExecutionStyle::of(
                kind: $setup->kind(),
                movement: $movement,
                at: $at,
                seconds: $seconds,
                grip: $grip,
                width: $width,
                upBy: $upBy,
            ),
        );
    }

    /** A set-up done in a style that it allows. */
    public static function done(Choice $setup, ExecutionStyle $style): self
    {
        return new self($setup, $style);
    }

    /** The same done on another set-up; the whole pull, where that does not allow it. */
    public function on(Choice $setup): self
    {
        return $this->style->isDoableOn($setup->kind()) ? new self($setup, $this->style) : self::of($setup);
    }

    /** Whether nothing helps in the whole pull, so that one rep is worth a try before it is likely. */
    public function isStrictPull(): bool
    {
        return $this->setup->kind() === ChoiceKind::Strict && $this->style->movement === Movement::Full;
    }

    public function lasting(float $seconds): self
    {
        return new self($this->setup, $this->style->lasting($seconds));
    }

    /** One line that is the same for the same exercise and for no other. */
    public function key(): string
    {
        return $this->setup->key().$this->style->key($this->setup->kind());
    }

    /** The same wherever the same work is done; only bands go from bar to bar. */
    public function work(): string
    {
        return ($this->setup instanceof OnBands ? $this->setup->work() : $this->setup->key()).$this->style->key($this->setup->kind());
    }

    /**
     * What it is made of, so that two can be compared piece by piece.
     *
     * @return array<string, string>
     */
    public function pieces(): array
    {
        return [...$this->setup->pieces(), 'held' => $this->style->key($this->setup->kind())];
    }

    /** The capacity it speaks of, by its reps or its seconds; none where it is a part of the way, a hang, or helped up. */
    public function pattern(): ?Pattern
    {
        return $this->style->pattern($this->setup->kind());
    }

    public function lane(): Lane
    {
        return $this->style->movement->isTimed() ? Lane::Seconds : $this->setup->kind()->lane();
    }

    /** @throws UnknownGear if the kit lacks a piece */
    public function name(Kit $kit): string
    {
        return ExerciseName::of($this->style, $this->setup->kind(), $this->setup->name($kit));
    }
}
