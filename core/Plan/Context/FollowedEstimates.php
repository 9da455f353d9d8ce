<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Filter\PacedSet;
use SteadyRung\Strength\Filter\SetFall;
use SteadyRung\Strength\RepPrediction;

/**
 * Beliefs followed through the sets from the first day on.
 */
final class FollowedEstimates implements Estimates
{
    /** @var array<string, array<int, CapacityState>> by pattern and day */
    private array $states = [];

    /** @var array<string, list<list<PacedSet>>> days of paced sets by pattern */
    private array $paced = [];

    /** @var array<string, Estimate> by pattern, as of today */
    private array $estimates = [];

    private function __construct(private int $today)
    {
    }

    public static function none(int $today): self
    {
        return new self($today);
    }

    /** Through a whole diary. */
    public static function through(Diary $diary, int $today): self
    {
        $estimates = new self($today);
        $days = [];
        foreach ($diary->done as $done) {
            $days[$done->day][] = $done;
        }
        foreach ($days as $day) {
            $estimates->see($day);
        }

        return $estimates;
    }

    /** Moves to a day. */
    public function on(int $today): void
    {
        $this->today = $today;
        $this->estimates = [];
    }

    /** @param  list<Done>  $day  the sets of one day, later than all seen before */
    public function see(array $day): void
    {
        $this->estimates = [];
        foreach (Pattern::cases() as $pattern) {
            $told = array_filter(
                array_map(static fn (Done $d): ?Observation => $d->pattern() === $pattern ? $d->observation() : null, $day),
                static fn (?Observation $o): bool => $o !== null,
            );
            $told = $told === [] ? [] : Observation::afterWarmUps($told);
            $state = $told === [] ? null : CapacityFilter::usual()->afterDay($this->upTo($pattern, PHP_INT_MAX), $told);
            if ($state !== null) {
                $this->states[$pattern->value][$day[0]->day] = $state;
                $this->paced[$pattern->value][] = self::paced($day, $told);
            }
        }
    }

    public function of(?Pattern $pattern): Estimate
    {
        return $this->estimates[$pattern->value ?? ''] ??= Estimate::on(
            $this->today,
            $pattern === null ? null : $this->upTo($pattern, $this->today),
        );
    }

    public function before(int $day): self
    {
        $before = new self($this->today);
        $before->paced = $this->paced;
        foreach ($this->states as $pattern => $states) {
            $earlier = array_filter($states, static fn (int $on): bool => $on < $day, ARRAY_FILTER_USE_KEY);
            $before->states[$pattern] = $earlier === [] ? $states : $earlier;
        }

        return $before;
    }

    public function shareOn(Pattern $pattern, int $day): ?float
    {
        return $this->upTo($pattern, $day)?->on($day)->share();
    }

    public function medianBefore(Pattern $pattern, FeltLoad $load, int $day): ?float
    {
        $state = $this->upTo($pattern, $day - 1)?->on($day);

        return $state === null ? null : RepPrediction::at($state, $load)->median();
    }

    public function fall(Pattern $pattern): SetFall
    {
        $recent = array_filter(
            $this->paced[$pattern->value] ?? [],
            fn (array $day): bool => $day !== [] && $this->today - $day[0]->set->day <= SetFall::DAYS,
        );

        return SetFall::learned(array_values($recent));
    }

    /**
     * @param  list<Done>  $day
     * @param  array<int, Observation>  $told  by the index of the set
     * @return list<PacedSet>
     */
    private static function paced(array $day, array $told): array
    {
        $paced = [];
        foreach ($told as $i => $set) {
            $paced[] = $day[$i]->atS === null ? null : new PacedSet($day[$i]->atS, $set);
        }

        return array_values(array_filter($paced, static fn (?PacedSet $p): bool => $p !== null));
    }

    private function upTo(Pattern $pattern, int $day): ?CapacityState
    {
        foreach (array_reverse($this->states[$pattern->value] ?? [], true) as $on => $state) {
            if ($on <= $day) {
                return $state;
            }
        }

        return null;
    }
}
