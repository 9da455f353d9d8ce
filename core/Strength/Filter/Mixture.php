<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

use SteadyRung\Crossing;
use SteadyRung\Normal;

/**
 * A figure believed to be normal in one of several ways, each with its weight.
 */
final readonly class Mixture
{
    /** What weighs less is left out: it moves no figure anybody sees. */
    private const LEAST_WEIGHT = 1e-5;

    private const WITHIN = 1e-9;

    /** No quantile lies farther out than so many standard deviations of a part. */
    private const FARTHEST = 8.0;

    /**
     * @param  non-empty-list<float>  $weights
     * @param  non-empty-list<float>  $allowed
     * @param  non-empty-list<float>  $sds
     */
    private function __construct(private array $weights, private array $allowed, private array $sds)
    {
    }

    /**
     * @param  non-empty-list<float>  $weights  that add up to 1
     * @param  non-empty-list<float>  $allowed
     * @param  non-empty-list<float>  $sds
     */
    public static function of(array $weights, array $allowed, array $sds): self
    {
        $w = $m = $s = [];
        foreach ($weights as $i => $weight) {
            if ($weight >= self::LEAST_WEIGHT) {
                [$w[], $m[], $s[]] = [$weight, $allowed[$i], $sds[$i]];
            }
        }
        assert($w !== [] && $m !== [] && $s !== []);
        $sum = array_sum($w);

        return new self(array_map(static fn (float $weight): float => $weight / $sum, $w), $m, $s);
    }

    public function mean(): float
    {
        return array_sum(array_map(static fn (float $w, float $m): float => $w * $m, $this->weights, $this->allowed));
    }

    public function sd(): float
    {
        $mean = $this->mean();
        $variance = 0.0;
        foreach ($this->weights as $i => $weight) {
            $variance += $weight * ($this->sds[$i] ** 2 + ($this->allowed[$i] - $mean) ** 2);
        }

        return sqrt($variance);
    }

    /** Chance of at least so much. */
    public function chanceOfAtLeast(float $figure): float
    {
        $chance = 0.0;
        foreach ($this->weights as $i => $weight) {
            $chance += $weight * Normal::cdf(($this->allowed[$i] - $figure) / $this->sds[$i]);
        }

        return $chance;
    }

    /** The figure that is stayed below with this chance. */
    public function quantile(float $chance): float
    {
        $far = self::FARTHEST * max($this->sds);

        return Crossing::of(
            fn (float $figure): float => $this->chanceOfAtLeast($figure) - 1.0 + $chance,
            min($this->allowed) - $far,
            max($this->allowed) + $far,
            self::WITHIN,
        );
    }
}
