<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Reps\RepCurve;

/**
 * Weeks on one and the same band, fit for the athlete, whose true help nobody knows.
 */
final class OneBand
{
    /** What a coach puts them on: about so many to failure, and how far off that is, in log of the load. */
    private const TO_FAILURE = 6.0;

    private const CHOICE_SD = 0.05;

    private const DAYS_BETWEEN = 3;

    /**
     * How often the 80 % interval of capacity holds the truth, of athletes who differ as much as the filter takes people to.
     *
     * @param  float  $shareSd  how unsure the share is; its error is drawn once for an athlete
     * @param  non-empty-list<int>  $after  so many sessions
     * @return array<int, float> by those
     */
    public static function coverage(int $athletes, float $shareSd, array $after): array
    {
        $anybody = CapacityFilter::usual()->prior(0);
        $held = array_fill_keys($after, 0);
        for ($i = 0; $i < $athletes; $i++) {
            $holds = self::holds(VirtualAthlete::estimates($anybody, $i, 500 * ($i + 1), new Draws(9000 + $i)), $shareSd, max($after));
            foreach ($after as $sessions) {
                $held[$sessions] += (int) $holds[$sessions - 1];
            }
        }

        return array_map(static fn (int $times): float => $times / $athletes, $held);
    }

    /** @return list<bool> after each session */
    private static function holds(VirtualAthlete $athlete, float $shareSd, int $sessions): array
    {
        $share = $athlete->capacityShare() / RepCurve::steady()->ratio(self::TO_FAILURE) * exp($athlete->errorOf(
            'choice',
            self::CHOICE_SD,
        ));
        $load = FeltLoad::of($share, $shareSd, 'band');
        $trueShare = $share * exp(-$athlete->errorOf('band', $load->sdLog()));
        $state = null;
        $holds = [];
        for ($session = 0; $session < $sessions; $session++) {
            $athlete->pass(self::DAYS_BETWEEN);
            $state = CapacityFilter::usual()->after(
                $state,
                Observation::reps(self::DAYS_BETWEEN * $session, $load, $athlete->repsToFailure($trueShare, 0), 0),
            );
            $holds[] = self::holdsTruth($state, $athlete->capacityShare());
        }

        return $holds;
    }

    private static function holdsTruth(CapacityState $state, float $truth): bool
    {
        return $state->low80() <= $truth && $truth <= $state->high80();
    }
}
