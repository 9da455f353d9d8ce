<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

/**
 * The tops of a curve.
 */
final class Zigzag
{
    /**
     * Where it is highest between a rise and a fall by so much each; the end counts as a fall.
     *
     * @param  list<float>  $values
     * @return list<int>
     */
    public static function tops(array $values, float $least): array
    {
        $tops = [];
        $low = $high = 0;
        $rose = false;
        foreach ($values as $i => $value) {
            if ($value > $values[$high]) {
                $high = $i;
            } elseif ($value < $values[$low] && ! $rose) {
                $low = $high = $i;
            }
            $rose = $rose || $least <= $values[$high] - $values[$low];
            if ($rose && $least <= $values[$high] - $value) {
                $tops[] = $high;
                [$low, $high, $rose] = [$i, $i, false];
            }
        }

        return $rose ? [...$tops, $high] : $tops;
    }
}
