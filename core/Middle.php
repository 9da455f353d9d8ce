<?php

declare(strict_types=1);

namespace SteadyRung;

/**
 * Of values that may hold some wild ones.
 */
final class Middle
{
    /**
     * The median; 0 of none.
     *
     * @param  list<float|int>  $values
     */
    public static function of(array $values): float
    {
        return self::at($values, 0.5);
    }

    /**
     * The value that so great a part of them lies under, between neighbours by their distance; 0 of none.
     *
     * @param  list<float|int>  $values
     */
    public static function at(array $values, float $part): float
    {
        if ($values === []) {
            return 0.0;
        }
        sort($values);
        $place = $part * (count($values) - 1);
        $under = (int) floor($place);

        $beyond = $place - $under;

        return (1.0 - $beyond) * $values[$under] + $beyond * ($values[$under + 1] ?? $values[$under]);
    }

    /** @param  list<float|int>  $values  at least one */
    public static function mean(array $values): float
    {
        return array_sum($values) / max(1, count($values));
    }
}
