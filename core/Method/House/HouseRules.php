<?php

declare(strict_types=1);

namespace SteadyRung\Method\House;

use SteadyRung\Exercise\Grip;
use SteadyRung\Method\Gate;

/**
 * How a gym settles what practitioners disagree about.
 */
final readonly class HouseRules
{
    /** @param  array<string, string>  $chosen  position by rule, where it is not the default */
    private function __construct(private array $chosen)
    {
    }

    public static function usual(): self
    {
        return new self([]);
    }

    /**
     * @param  array<string, string>  $positions  by rule; what is not named stays as usual
     *
     * @throws UnknownPosition if a rule or a position is none
     */
    public static function of(array $positions): self
    {
        foreach ($positions as $rule => $position) {
            $known = HouseRule::tryFrom($rule) ?? throw UnknownPosition::rule($rule);
            if (! isset($known->positions()[$position])) {
                throw UnknownPosition::position($known, $position);
            }
        }

        return new self($positions);
    }

    public function position(HouseRule $rule): string
    {
        return $this->chosen[$rule->value] ?? $rule->default();
    }

    public function says(HouseRule $rule, string $position): bool
    {
        return $this->position($rule) === $position;
    }

    /** @return array<string, string> position by rule, all of them */
    public function all(): array
    {
        $all = [];
        foreach (HouseRule::cases() as $rule) {
            $all[$rule->value] = $this->position($rule);
        }

        return $all;
    }

    /** In how many sessions a gate is to be met. */
    public function sessionsFor(Gate $gate): int
    {
        return $this->says(HouseRule::Confirm, 'no') ? 1 : $gate->sessions;
    }

    /** Days a week with lowering; none where it is never done. */
    public function loweringDays(): int
    {
        return match ($this->position(HouseRule::Lowering)) {
            'never' => 0,
            'now-and-then' => 1,
            'each-session' => 7,
            default => 2,
        };
    }

    /** Seconds of hang before hanging work. */
    public function hangFirstS(): int
    {
        return (int) $this->position(HouseRule::HangFirst);
    }

    public function restS(int $usual, bool $isRow): int
    {
        return match ($this->position(HouseRule::Rest)) {
            '60-s' => 60,
            '20-30-s' => 30,
            default => $isRow ? min(90, max(60, $usual)) : $usual,
        };
    }

    /** Reps to keep in reserve in work that is no test. */
    public function reserve(): int
    {
        return $this->says(HouseRule::Failure, 'in-reserve') || $this->says(HouseRule::Failure, 'three-quarters') ? 1 : 0;
    }

    public function allowsBands(): bool
    {
        return ! $this->says(HouseRule::Bands, 'avoid');
    }

    /** Whether a grip is used at all. */
    public function allowsGrip(Grip $grip): bool
    {
        return $grip !== Grip::Under || ! $this->says(HouseRule::ChinGrip, 'pull-only');
    }

    /** The most sessions in a week. */
    public function mostPerWeek(int $ofMethod): int
    {
        return match ($this->position(HouseRule::Frequency)) {
            '1-2' => min(2, $ofMethod),
            'most-days' => max(5, $ofMethod),
            default => $ofMethod,
        };
    }
}
