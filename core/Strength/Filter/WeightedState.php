<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

/**
 * A figure that is one of several, each with its weight.
 */
final readonly class WeightedState
{
    /** @param  non-empty-list<array{float, float}>  $figures  each with its weight, in order */
    private function __construct(private array $figures)
    {
    }

    /**
     * @param  non-empty-list<float>  $figures  that may come more than once
     * @param  non-empty-list<float>  $weights  that add up to 1
     */
    public static function of(array $figures, array $weights): self
    {
        $sums = [];
        foreach ($figures as $i => $figure) {
            $sums[(string) $figure] = [$figure, ($sums[(string) $figure][1] ?? 0.0) + $weights[$i]];
        }
        usort($sums, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return new self($sums);
    }

    public function mean(): float
    {
        return array_sum(array_map(static fn (array $f): float => $f[0] * $f[1], $this->figures));
    }

    /** The smallest of the figures that is not exceeded with this chance. */
    public function quantile(float $chance): float
    {
        $sum = 0.0;
        foreach ($this->figures as [$figure, $weight]) {
            $sum += $weight;
            if ($sum >= $chance) {
                break;
            }
        }

        return $figure;
    }
}
