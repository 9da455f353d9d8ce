<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Exercise\Style\Width;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Travel;

/**
 * What is done on a kind of set-up, and how it is held.
 */
final readonly class ExecutionStyle
{
    public const LOWERING_S = [1.0, 60.0];

    public const HOLD_S = [1.0, 600.0];

    private function __construct(
        public Movement $movement,
        public ?HoldAt $at,
        public ?float $seconds,
        public Grip $grip,
        public Width $width,
        public UpBy $upBy,
    ) {
    }

    /**
     * A movement on a kind of set-up: a lowering asks 1–60 s, a hold at a place 1–600 s.
     *
     * @throws NotDoable if the set-up does not allow it, or what it needs is not said
     * @throws OutOfRange if the seconds are outside their range
     */
    public static function of(
        ChoiceKind $kind,
        Movement $movement = Movement::Full,
        ?HoldAt $at = null,
        ?float $seconds = null,
        Grip $grip = Grip::Over,
        Width $width = Width::Outside,
        ?UpBy $upBy = null,
    ): self {
        $waysUp = $kind->waysUp($movement);
        NotDoable::guard('movement', $movement, $kind->movements(), $kind);
        NotDoable::guard('grip', $grip, $kind->grips(), $kind);
        NotDoable::guard('up_by', $upBy ?? $waysUp[0], $waysUp, $kind);
        if ($movement->isTimed() !== ($seconds !== null)) {
            throw NotDoable::missing(
                'seconds',
                $movement->isTimed() ? 'Say how many seconds it lasts.' : 'Only a lowering and a hold have seconds.',
            );
        }
        if (($movement === Movement::Hold) !== ($at !== null)) {
            throw NotDoable::missing(
                'at',
                $at === null ? 'Say where it is held: hang, active-hang, middle or top.' : 'Only a hold has a place.',
            );
        }
        OutOfRange::guard(['seconds' => [$seconds, $movement === Movement::Hold ? self::HOLD_S : self::LOWERING_S]]);

        return new self($movement, $at, $seconds, $grip, $width, $upBy ?? $waysUp[0]);
    }

    public function isDoableOn(ChoiceKind $kind): bool
    {
        return in_array($this->movement, $kind->movements(), true)
            && in_array($this->grip, $kind->grips(), true)
            && in_array($this->upBy, $kind->waysUp($this->movement), true);
    }

    public function lasting(float $seconds): self
    {
        return new self($this->movement, $this->at, $seconds, $this->grip, $this->width, $this->upBy);
    }

    /**
     * The capacity it speaks of on a kind of set-up, by its reps or its seconds; none where it is a part of the way, a hang, or helped up.
     */
    public function pattern(ChoiceKind $kind): ?Pattern
    {
        $pattern = $kind->lane()->pattern();

        return match (true) {
            $this->movement->isTimed() ? $this->at?->isGrip() === true : $this->movement !== Movement::Full || $this->upBy !== UpBy::Pull => null,
            $pattern === Pattern::Pull && $this->grip === Grip::Under => Pattern::Chin,
            default => $pattern,
        };
    }

    /** Grip and shoulder blades: the elbows stay straight, and no capacity speaks of it. */
    public function isStraightArmed(): bool
    {
        return $this->at?->isGrip() === true || $this->movement === Movement::ShoulderBlade;
    }

    public function travel(): Travel
    {
        return match ($this->movement) {
            Movement::Full => $this->upBy === UpBy::Pull ? Travel::Whole : Travel::Down,
            Movement::LowerHalf => Travel::LowerHalf,
            Movement::UpperHalf => Travel::UpperHalf,
            Movement::Lowering => Travel::Down,
            Movement::Hold => ($this->at ?? HoldAt::Hang)->travel(),
            Movement::ShoulderBlade => Travel::AtBottom,
        };
    }

    /** One line that is the same for the same manner; nothing for the whole pull held as usual. */
    public function key(ChoiceKind $kind): string
    {
        return implode('', array_filter([
            $this->movement === Movement::Full ? '' : '|'.$this->movement->value,
            $this->at === null ? '' : '@'.$this->at->value,
            $this->seconds === null ? '' : sprintf(':%.1f', $this->seconds),
            $this->grip === Grip::Over ? '' : '|'.$this->grip->value,
            $this->width === Width::Outside ? '' : '|'.$this->width->value,
            $this->isUsualWayUp($kind) ? '' : '|up-'.$this->upBy->value,
        ]));
    }

    public function isUsualWayUp(ChoiceKind $kind): bool
    {
        return $this->upBy === $kind->waysUp($this->movement)[0];
    }
}
