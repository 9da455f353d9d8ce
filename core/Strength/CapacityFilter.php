<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

/**
 * Follows capacity from session to session: a local level (Kalman 1960) on log capacity, one observation a session.
 */
final readonly class CapacityFilter
{
    /** Drift of log capacity: standard deviation over one week (common practice); two idle weeks widen visibly. */
    private const WEEKLY_DRIFT_SD = 0.02;

    public function __construct(public RepCurve $curve)
    {
    }

    /** The filter everybody is followed by. */
    public static function usual(): self
    {
        return new self(RepCurve::steady());
    }

    /** The same belief on a later day: the mean stays, the variance grows with the days between. */
    public function forward(CapacityState $state, int $day): CapacityState
    {
        $weeks = max(0, $day - $state->day) / 7.0;

        return new CapacityState(max($day, $state->day), $state->meanLog, $state->variance + self::WEEKLY_DRIFT_SD ** 2 * $weeks);
    }

    /**
     * The belief after a session: its most telling set is taken in; a lower bound can raise it, never lower
     * it, and a set without one rep can lower it, never raise it.
     *
     * @param  non-empty-list<Observation>  $session  the sets of one day, first set first
     */
    public function after(?CapacityState $before, array $session): CapacityUpdate
    {
        $best = $this->mostTelling($session);

        return $before === null ? CapacityUpdate::first($this->curve, $best) : CapacityUpdate::of($this->curve, $this->forward($before, $best->day), $best);
    }

    /**
     * The set that speaks for the highest capacity, one with a known reserve before one without; of equals the first.
     *
     * @param  non-empty-list<Observation>  $session
     */
    private function mostTelling(array $session): Observation
    {
        $known = array_values(array_filter($session, static fn (Observation $o): bool => ! $o->isLowerBound()));
        $best = ($known === [] ? $session : $known)[0];
        foreach ($known === [] ? $session : $known as $candidate) {
            if ($candidate->logCapacity($this->curve) > $best->logCapacity($this->curve)) {
                $best = $candidate;
            }
        }

        return $best;
    }
}
