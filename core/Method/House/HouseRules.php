<?php

declare(strict_types=1);

namespace SteadyRung\Method\House;

use SteadyRung\Body\PullTop;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Method\Gate;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\Stage;
use SteadyRung\Strength\TryPace;

/**
 * How a gym settles what practitioners disagree about.
 */
final readonly class HouseRules
{
    /** Clean strict reps in one set (common practice). */
    public const STRICT_BEFORE_KIPPING = 5;

    private const THREE_QUARTERS = 0.75;

    /** Two weeks of every four (ours; two weeks at a time is customary). */
    private const TIRED_WEEKS = [2, 4];

    /** More hopped reps than this in a set ride the way down (common practice). */
    public const MANY_HOPS = 15;

    /** @param  array<string, string>  $chosen  position by rule, where the gym settled it */
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

    /**
     * As a gym settles them: what it leaves at the default it leaves to the method.
     *
     * @param  array<string, string>  $positions  by rule
     *
     * @throws UnknownPosition if a rule or a position is none
     */
    public static function settled(array $positions): self
    {
        $defaults = self::usual()->all();

        return self::of(array_filter(
            $positions,
            static fn (string $position, string $rule): bool => $position !== ($defaults[$rule] ?? null),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** For somebody in a method: what the gym did not settle is as the method says, else as usual. */
    public function for(Method $method): self
    {
        return new self([...$method->says, ...$this->chosen]);
    }

    /** @return array<string, string> position by rule, where the gym settled it */
    public function chosen(): array
    {
        return $this->chosen;
    }

    /** The same with one point settled. */
    public function with(HouseRule $rule, string $position): self
    {
        return self::of([...$this->chosen, $rule->value => $position]);
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

    /**
     * Rest after a set, in s; one that means something is kept: inside a group of exercises, before a hang or hold as long as it goes.
     */
    public function restS(Prescription $line, bool $isRow): int
    {
        $meansSomething = $line->group !== null || ($line->toFailure && $line->amount->measure === Measure::Seconds);

        return $meansSomething ? $line->restS : match ($this->position(HouseRule::Rest)) {
            '60-s' => 60,
            '20-30-s' => 30,
            default => $isRow ? min(90, max(60, $line->restS)) : $line->restS,
        };
    }

    /** A method with its stages in the order the house takes them. */
    public function inOrder(Method $method): Method
    {
        return $method->loweringStands($this->position(HouseRule::LoweringStands));
    }

    /** Whether the coach may put somebody at a stage: where stages are strictly in order, none of those between is skipped. */
    public function allowsMove(Method $method, Stage $from, Stage $to): bool
    {
        return ! $this->says(HouseRule::Stages, 'strict') || ! $method->skips($from, $to);
    }

    /** Whether work sets of reps go on until no clean one is left. */
    public function goesToFailure(): bool
    {
        return $this->says(HouseRule::Failure, 'every-set') || $this->says(HouseRule::Failure, 'first-tracked');
    }

    /** Reps of a set of which so many are likely: three quarters of them, where the house asks no more; at least one. */
    public function askedOf(float $likely): ?int
    {
        return $this->says(HouseRule::Failure, 'three-quarters') ? max(1, (int) floor(self::THREE_QUARTERS * $likely)) : null;
    }

    /** How many sets of a gate are counted: the first alone, where it is the one that is tracked. */
    public function setsFor(Gate $gate): int
    {
        return $this->says(HouseRule::Failure, 'first-tracked') && $gate->measure === Measure::Reps ? 1 : $gate->sets;
    }

    /** Whether the way down of a set of hopped reps is braked, so that it counts as lowering. */
    public function brakesHops(int $repsASet): bool
    {
        return $repsASet <= $this->mostBrakedHops();
    }

    /** The most hopped reps of a set whose way down is braked; longer ones are ridden down. */
    public function mostBrakedHops(): int
    {
        return match ($this->position(HouseRule::HopsDown)) {
            'never-brake' => 0,
            'always-controlled' => PHP_INT_MAX,
            default => self::MANY_HOPS,
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

    public function tryPace(): TryPace
    {
        return TryPace::from($this->position(HouseRule::Tries));
    }

    /** Whether strict chin-ups count wherever strict pull-ups do. */
    public function countsChinUps(): bool
    {
        return $this->says(HouseRule::ChinUps, 'equal');
    }

    public function pullTop(): PullTop
    {
        return $this->says(HouseRule::Top, 'chest') ? PullTop::Chest : PullTop::Chin;
    }

    /**
     * Builders the house goes on with after the first strict rep where none was chosen; those who are not there yet go on as their stage
     * says.
     *
     * @param  int  $week  counted on and on
     * @return list<string> keys, the first that fits
     */
    public function builders(int $week): array
    {
        $isTiredWeek = $week % self::TIRED_WEEKS[1] < self::TIRED_WEEKS[0];

        return [
            ...($isTiredWeek && $this->says(HouseRule::Tired, 'pre-tired') ? ['pre-tired'] : []),
            ...($this->says(HouseRule::AfterFirst, 'weight') ? ['added-weight'] : []),
        ];
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
