<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

use SteadyRung\Strength\Reps\RepCurve;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * What one set did to the belief in an athlete's capacity.
 */
final readonly class CapacityUpdate
{
    private const FILTER = 'Kalman 1960, over several curves and swings of form';

    /** A change smaller than this part of the spread is none to speak of. */
    private const SAME = 0.15;

    /** In log of capacity: nothing to move over. */
    private const NO_WAY = 0.001;

    private function __construct(private Observation $set, private CapacityState $before, public CapacityState $after)
    {
    }

    public static function of(CapacityFilter $filter, ?CapacityState $before, Observation $set): self
    {
        $moved = $before?->on($set->day) ?? $filter->prior($set->day);

        return new self($set, $moved, $filter->after($moved, $set));
    }

    /**
     * What each telling set of a day did, one after another.
     *
     * @template K of array-key
     *
     * @param  array<K, Observation>  $day
     * @return array<K, self> under their keys
     */
    public static function ofDay(CapacityFilter $filter, ?CapacityState $before, array $day): array
    {
        $updates = [];
        foreach (Observation::telling($day) as $key => $set) {
            $updates[$key] = $update = self::of($filter, $before, $set);
            $before = $update->after;
        }

        return $updates;
    }

    /** What the set taught, in one sentence. */
    public function taught(): string
    {
        $now = sprintf('capacity %.0f %% of bodyweight', 100 * $this->after->share());
        $moved = ($this->after->level()->mean() - $this->before->level()->mean()) / $this->before->sdLog();
        $isLittle = round(100 * $this->after->share()) === round(100 * $this->before->share());
        $told = match (true) {
            abs($moved) < self::SAME => "As expected: $now, as before.",
            $isLittle => sprintf('A little %s than expected: %s.', $moved > 0.0 ? 'more' : 'less', $now),
            $moved > 0.0 => sprintf('More than expected: %s, up from %.0f %%.', $now, 100 * $this->before->share()),
            default => sprintf('Less than expected: %s, down from %.0f %%.', $now, 100 * $this->before->share()),
        };

        return $this->set->isBound() && abs($moved) < self::SAME ? "It bounds only what was believed already: $now." : $told;
    }

    public function why(): Explanation
    {
        $curve = RepCurve::steady($this->after->k()->mean());
        $claim = $this->set->claim($curve);

        return new Explanation(
            [
                new Step('Load of the latest telling set', 'effective share', 100 * $this->set->load->share, '%'),
                $this->set->seconds === null
                    ? new Step('Reps to failure of that set', $this->set->reckoned(), $this->set->repsToFailure(), 'reps')
                    : new Step('Seconds of that set', 'as they were timed', $this->set->seconds, 's'),
                new Step(
                    $this->whatItSays(),
                    $this->set->seconds === null
                        ? sprintf(
                            'load × (1 + (reps to failure − 1) ÷ %.1f)%s',
                            $curve->k,
                            $this->set->isTired ? ', and a little for the sets before it' : '',
                        )
                        : 'load ÷ the part of strength that can be held so long',
                    100 * exp($claim->logShare),
                    '%',
                    $this->set->seconds === null ? 'NSCA load chart (memory), Epley 1985, Brzycki 1993' : 'Rohmert 1960 (memory)',
                ),
                new Step(
                    'Estimate before',
                    'from the sets before, moved to that day: the trend goes on, the spread grows, and weeks away cost something',
                    100 * $this->before->share(),
                    '%',
                ),
                new Step(
                    'Capacity',
                    'one-rep load as a share of bodyweight; '.$this->weighed($claim),
                    100 * $this->after->share(),
                    '%',
                    self::FILTER,
                ),
            ],
            $this->uncertainties(),
            $this->remedies(),
        );
    }

    private function whatItSays(): string
    {
        return match ($this->set->claim(RepCurve::steady())->side) {
            Side::Exactly => 'One-rep strength from that set',
            Side::AtLeast => 'One-rep strength from that set, at the least',
            Side::LessThan => 'One-rep strength from that set, at the most',
        };
    }

    /** How far the set moved the estimate. */
    private function weighed(Claim $claim): string
    {
        $far = $claim->logShare - log($this->before->share());
        $part = abs($far) < self::NO_WAY ? null : (log($this->after->share()) - log($this->before->share())) / $far;

        return $part === null || $part < 0.0 || $part > 1.0
            ? 'the surer of the two counts more'
            : sprintf('%.0f %% of the way from the estimate to what the set says: the surer counts more', 100 * $part);
    }

    /** @return list<string> */
    private function uncertainties(): array
    {
        $interval = sprintf('Eight times in ten it lies from %.0f to %.0f %%.', 100 * $this->after->low80(), 100 * $this->after->high80());

        return $this->set->load->shareSd > 0.0
            ? [
                $interval,
                sprintf(
                    'The load of that set is known to ± %.1f points; that error is the same each time, so more sets on it do not make it surer.',
                    100 * $this->set->load->shareSd,
                ),
            ]
            : [$interval];
    }

    /** @return list<string> */
    private function remedies(): array
    {
        return match (true) {
            $this->set->seconds !== null => ['Log a set of reps: seconds only say “at least so much”.'],
            $this->set->reps === 0 => ['Log a set on more help: without one clean rep it only says “less than so much”.'],
            $this->set->reserve === null => ['Log a set with the reps left in reserve, or one to failure.'],
            $this->set->isBound() => ['Log a set with fewer than four reps left: far from failure it only says “at least so much”.'],
            default => [],
        };
    }
}
