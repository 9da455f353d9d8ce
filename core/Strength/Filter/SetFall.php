<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

use SteadyRung\Normal;
use SteadyRung\Strength\Reps\RepCurve;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * How capacity falls from set to set of a day and comes back with rest: capacity × (1 − c·Σ e^(−Δt/τ)) over the sets before, a set
 * to failure counting whole and one with five in reserve 40 %; c is learned from the athlete's own later sets (judgement).
 */
final readonly class SetFall
{
    private const TAU_S = 90.0;

    private const USUAL = 0.03;

    private const USUAL_SD = 0.015;

    /** Older days say nothing of how it falls now. */
    public const DAYS = 56;

    /** What five in reserve spare of the fall. */
    private const SPARED = 0.6;

    /** A reserve that nobody told is taken as this. */
    private const UNTOLD = 2;

    private const MOST_RESERVE = 5;

    /** Nobody is believed to fall more than this a set. */
    private const MOST = 0.12;

    public function __construct(public float $perSet, public float $sd)
    {
    }

    public static function ofAnybody(): self
    {
        return new self(self::USUAL, self::USUAL_SD);
    }

    /**
     * From days of sets on one load each, in their order. What the first set of a day says is as unsure as what the later ones say,
     * so each day's level is fitted with the fall (weighted least squares with a free level a day, and the usual fall as the prior).
     *
     * @param  list<list<PacedSet>>  $days
     */
    public static function learned(array $days): self
    {
        $precision = 1.0 / self::USUAL_SD ** 2;
        $pull = self::USUAL * $precision;
        foreach ($days as $day) {
            [$more, $towards] = self::ofDay($day);
            $precision += $more;
            $pull += $towards;
        }

        return new self(max(0.0, min(self::MOST, $pull / $precision)), 1.0 / sqrt($precision));
    }

    public function low80(): float
    {
        return max(0.0, $this->perSet - Normal::Z90 * $this->sd);
    }

    public function high80(): float
    {
        return $this->perSet + Normal::Z90 * $this->sd;
    }

    /**
     * The part of capacity that is left for a set at a second of the day.
     *
     * @param  list<PacedSet>  $before
     */
    public function left(array $before, float $atS): float
    {
        return 1.0 - $this->perSet * self::tired($before, $atS);
    }

    /**
     * The part left before each of so many sets with so much rest and the same reserve.
     *
     * @return list<float> the first is 1
     */
    public function over(int $sets, float $restS, int $reserve): array
    {
        $left = [];
        $tired = 0.0;
        for ($set = 0; $set < $sets; $set++) {
            $left[] = 1.0 - $this->perSet * $tired;
            $tired = ($tired + self::weight($reserve)) * exp(-$restS / self::TAU_S);
        }

        return $left;
    }

    public function why(): Explanation
    {
        return new Explanation(
            [new Step(
                'Fall from set to set',
                'a set to failure takes so much of capacity; after 90 s of rest about a third of that is left; from the later sets of the last weeks',
                100 * $this->perSet,
                '%',
            )],
            [sprintf('Eight times in ten the fall lies from %.1f to %.1f %% a set.', 100 * $this->low80(), 100 * $this->high80())],
        );
    }

    /**
     * What a day tells of c: its precision, and precision × c.
     *
     * @param  list<PacedSet>  $day
     * @return array{float, float}
     */
    private static function ofDay(array $day): array
    {
        $curve = RepCurve::steady();
        $saysNothing = [Occasion::WarmUp, Occasion::Home];
        $day = array_values(array_filter($day, static fn (PacedSet $s): bool => ! in_array($s->set->occasion, $saysNothing, true)));
        $w = $wt = $wy = $wtt = $wty = 0.0;
        $telling = array_filter(
            $day,
            static fn (PacedSet $s): bool => ! $s->set->isBound() && $s->set->load->key === $day[0]->set->load->key,
        );
        foreach ($telling as $i => $paced) {
            $claim = $paced->set->claim($curve);
            $tired = self::tired(array_slice($day, 0, $i), $paced->atS);
            $weight = 1.0 / $claim->variance;
            $w += $weight;
            $wt += $weight * $tired;
            $wy += $weight * $claim->logShare;
            $wtt += $weight * $tired * $tired;
            $wty += $weight * $tired * $claim->logShare;
        }

        return $w === 0.0 ? [0.0, 0.0] : [$wtt - $wt * $wt / $w, $wt * $wy / $w - $wty];
    }

    /** @param  list<PacedSet>  $before */
    private static function tired(array $before, float $atS): float
    {
        return array_sum(array_map(
            static fn (PacedSet $s): float => self::weight($s->set->reserve ?? self::UNTOLD) * exp(-max(0.0, $atS - $s->atS) / self::TAU_S),
            $before,
        ));
    }

    private static function weight(int $reserve): float
    {
        return 1.0 - self::SPARED * min(self::MOST_RESERVE, $reserve) / self::MOST_RESERVE;
    }
}
