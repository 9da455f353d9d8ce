<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Arrangement;
use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\ExecutionStyle;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\NotDoable;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Exercise\Style\Width;
use SteadyRung\OutOfRange;

/**
 * What a method asks to be done, without saying on which pieces: a kind of set-up with a movement, between two shares.
 */
final readonly class AllowedExercises
{
    public const SHARE = [0.0, 2.0];

    private const SAME_SHARE = 1e-6;

    /** Less is no work worth a line. */
    private const LEAST_SHARE = 0.05;

    /** @param  array{float, float}  $shares */
    private function __construct(
        public ChoiceKind $kind,
        public Movement $movement,
        public ?HoldAt $at,
        public ?float $seconds,
        public Grip $grip,
        public Width $width,
        public ?UpBy $upBy,
        public array $shares,
        public ?Arrangement $arranged,
    ) {
    }

    /**
     * @throws NotDoable if the kind does not allow it
     * @throws OutOfRange if a share is outside 0–2, or the seconds outside their range
     */
    public static function of(
        ChoiceKind $kind,
        Movement $movement = Movement::Full,
        ?HoldAt $at = null,
        ?float $seconds = null,
        Grip $grip = Grip::Over,
        Width $width = Width::Outside,
        ?UpBy $upBy = null,
        float $fromShare = 0.0,
        float $toShare = 2.0,
        ?Arrangement $arranged = null,
    ): self {
        OutOfRange::guard(['from_share' => [$fromShare, self::SHARE], 'to_share' => [$toShare, [$fromShare, self::SHARE[1]]]]);
        ExecutionStyle::of(kind: $kind, movement: $movement, at: $at, seconds: $seconds, grip: $grip, width: $width, upBy: $upBy);
        if ($arranged !== null) {
            NotDoable::guard('kind', $kind, $arranged->kinds(), $kind);
        }

        return new self(
            kind: $kind,
            movement: $movement,
            at: $at,
            seconds: $seconds,
            grip: $grip,
            width: $width,
            upBy: $upBy,
            shares: [$fromShare, $toShare],
            arranged: $arranged,
        );
    }

    /**
     * What this gear makes of it for this body, within the screen's limits and between its shares, from the least carried to the most.
     *
     * @return list<Rung>
     */
    public function rungs(RungSearch $search, Body $body): array
    {
        return $this->between($this->anywhere($search, $body));
    }

    /**
     * The same wherever it lies.
     *
     * @return list<Rung>
     */
    public function anywhere(RungSearch $search, Body $body): array
    {
        return $search->kind($this->kind, $body, $this->exercise(...), $this->arranged);
    }

    /**
     * Those between its shares.
     *
     * @param  list<Rung>  $anywhere
     * @return list<Rung>
     */
    public function between(array $anywhere): array
    {
        return array_values(array_filter($anywhere, $this->holds(...)));
    }

    /** Whether a rung is one of its kind and done as it asks, wherever it lies. */
    public function isDoneOn(Rung $rung): bool
    {
        $style = $rung->exercise->style;

        return $rung->exercise->setup->kind() === $this->kind && $style->movement === $this->movement && $style->at === $this->at
            && ($style->grip === $this->grip || $style->movement === Movement::Full)
            && $this->arranged?->isOf($rung->exercise->setup) !== false;
    }

    /** One line that is the same for the same means. */
    public function key(): string
    {
        return implode('|', [$this->anywhereKey(), ...$this->shares]);
    }

    /** The same for the same work, between whatever shares. */
    public function anywhereKey(): string
    {
        return implode(
            '|',
            [
                $this->kind->value,
                $this->movement->value,
                $this->at->value ?? '',
                $this->seconds ?? '',
                $this->grip->value,
                $this->width->value,
                $this->upBy->value ?? '',
                ...($this->arranged === null ? [] : [$this->arranged->value]),
            ],
        );
    }

    /** The same with no least share. */
    public function fromNothing(): self
    {
        return new self(
            kind: $this->kind,
            movement: $this->movement,
            at: $this->at,
            seconds: $this->seconds,
            grip: $this->grip,
            width: $this->width,
            upBy: $this->upBy,
            shares: [0.0, $this->shares[1]],
            arranged: $this->arranged,
        );
    }

    public function lane(): Lane
    {
        return $this->movement->isTimed() ? Lane::Seconds : $this->kind->lane();
    }

    public function isGripWork(): bool
    {
        return $this->at?->isGrip() === true;
    }

    public function isStraightArmed(): bool
    {
        return $this->isGripWork() || $this->movement === Movement::ShoulderBlade;
    }

    /** Whether it loads the arms overhead hard: what a newcomer does not do two days running. */
    public function isVertical(): bool
    {
        return $this->kind->lane() === Lane::Pull && ! $this->isStraightArmed();
    }

    /** In words, without the gear. */
    public function words(): string
    {
        $grip = match ($this->grip) {
            Grip::Under => ', under grip',
            Grip::Rings => ', rings',
            Grip::Towel => ', towel',
            Grip::Over, Grip::Neutral, Grip::Mixed => '',
        }.match ($this->upBy) {
            UpBy::Step => ', stepped up',
            UpBy::Foot => ', feet up, none down',
            UpBy::Hop => $this->kind === ChoiceKind::Hop ? '' : ', hopped up',
            UpBy::Pull, null => '',
        }.($this->arranged === null ? '' : ", {$this->arranged->words()}");

        return match (true) {
            $this->at === HoldAt::Hang => 'Hang',
            $this->at === HoldAt::ActiveHang => 'Active hang',
            $this->at === HoldAt::Top => "Chin-over-bar hold$grip",
            $this->movement === Movement::Hold => "Half-way hold$grip",
            $this->movement === Movement::Lowering => ($this->kind === ChoiceKind::Band ? 'Lowering in a band' : 'Lowering').$grip,
            $this->movement === Movement::ShoulderBlade => 'Shoulder-blade pull',
            $this->movement === Movement::LowerHalf => 'Lower-half pull',
            $this->movement === Movement::UpperHalf => 'Upper-half pull',
            $this->kind === ChoiceKind::Strict && $this->grip === Grip::Under => 'Chin-up',
            default => $this->kind->pullInWords().$grip,
        };
    }

    private function exercise(Choice $choice): Exercise
    {
        return Exercise::of(
            setup: $choice,
            movement: $this->movement,
            at: $this->at,
            seconds: $this->seconds,
            grip: $this->grip,
            width: $this->width,
            upBy: $this->upBy,
        );
    }

    private function holds(Rung $rung): bool
    {
        return min($rung->share(), $rung->load->effectiveShare()) >= self::LEAST_SHARE
            && $rung->share() >= $this->shares[0] - self::SAME_SHARE
            && $rung->share() <= $this->shares[1] + self::SAME_SHARE;
    }
}
