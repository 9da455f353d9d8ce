<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

/**
 * A normal belief in several figures at once: log capacity, two trends, what fading help is worth, and the errors of set-ups.
 */
final readonly class Gaussian
{
    public const LEVEL = 0;

    public const NEW_TREND = 1;

    public const STEADY_TREND = 2;

    public const FADING = 3;

    public const FIRST_ERROR = 4;

    /**
     * @param  list<float>  $mean
     * @param  array<int, array<int, float>>  $covariance
     */
    public function __construct(public array $mean, public array $covariance)
    {
    }

    /**
     * Of figures that have nothing to do with one another.
     *
     * @param  list<array{float, float}>  $figures each with its standard deviation
     */
    public static function independent(array $figures): self
    {
        $estimate = new self([], []);
        foreach ($figures as [$mean, $sd]) {
            $estimate = $estimate->with(count($estimate->mean), $mean, $sd);
        }

        return $estimate;
    }

    /** One figure opened anew, or added at the end, with nothing known of it but its standard deviation. */
    public function with(int $at, float $figure, float $sd): self
    {
        $mean = $this->mean;
        $mean[$at] = $figure;
        $covariance = array_fill(0, count($mean), array_fill(0, count($mean), 0.0));
        foreach ($this->covariance as $i => $row) {
            foreach ($row as $j => $shared) {
                $covariance[$i][$j] = $i === $at || $j === $at ? 0.0 : $shared;
            }
        }
        $covariance[$at][$at] = $sd ** 2;

        return new self(array_values($mean), $covariance);
    }

    /** One figure higher by so much, no less sure. */
    public function moved(int $at, float $by): self
    {
        $mean = $this->mean;
        $mean[$at] += $by;

        return new self(array_values($mean), $this->covariance);
    }

    /** @param  array<int, float>  $direction  weight of each figure that is looked at */
    public function meanAlong(array $direction): float
    {
        $sum = 0.0;
        foreach ($direction as $i => $weight) {
            $sum += $weight * $this->mean[$i];
        }

        return $sum;
    }

    /** @param  array<int, float>  $direction likewise */
    public function varianceAlong(array $direction): float
    {
        $sum = 0.0;
        foreach ($direction as $i => $one) {
            foreach ($direction as $j => $other) {
                $sum += $one * $other * $this->covariance[$i][$j];
            }
        }

        return $sum;
    }

    /** @param  array<int, float>  $direction what the claim was made of */
    public function pulled(array $direction, Pull $pull): self
    {
        $shared = [];
        foreach ($this->covariance as $row) {
            $sum = 0.0;
            foreach ($direction as $i => $weight) {
                $sum += $weight * $row[$i];
            }
            $shared[] = $sum;
        }
        $mean = $covariance = [];
        foreach ($shared as $i => $one) {
            $mean[] = $this->mean[$i] + $pull->pull * $one;
            $shrink = $pull->shrink * $one;
            $row = $this->covariance[$i];
            for ($j = 0; $j <= $i; $j++) {
                $covariance[$i][$j] = $covariance[$j][$i] = $row[$j] - $shrink * $shared[$j];
            }
        }

        return new self($mean, $covariance);
    }
}
