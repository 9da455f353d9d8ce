<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

/**
 * Whether a timed lowering went down evenly: no half of it took less than a third of the whole.
 */
final class EvenDown
{
    private const LEAST_PART = 1.0 / 3.0;

    /**
     * How many went down unevenly of those that somebody tapped half way.
     *
     * @param  list<float>  $splitsS  seconds of each
     * @param  list<float>  $halvesS  seconds to half way of each, in the same order; 0 where nobody tapped
     */
    public static function uneven(array $splitsS, array $halvesS): int
    {
        $uneven = 0;
        foreach ($halvesS as $i => $halfS) {
            $wholeS = $splitsS[$i] ?? 0.0;
            $uneven += $halfS > 0.0 && min($halfS, $wholeS - $halfS) < self::LEAST_PART * $wholeS ? 1 : 0;
        }

        return $uneven;
    }
}
