<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Exercise\Rung;
use SteadyRung\Strength\Estimate;

/**
 * Which rungs to take for so many reps; the inverse of a prediction.
 */
final class NearestReps
{
    /**
     * The rungs whose predicted reps come nearest, the nearest first; of equals the surest.
     *
     * @param  list<Rung>  $rungs
     * @return list<Rung>
     */
    public static function of(array $rungs, Estimate $estimate, int $reps, int $most): array
    {
        $wanted = $estimate->shareFor((float) $reps);
        if ($wanted === null) {
            return [];
        }
        $away = static fn (Rung $r): float => abs(log($wanted / $r->load->effectiveShare()));
        usort(
            $rungs,
            static fn (Rung $a, Rung $b): int => [round($away($a), 6), $a->load->shareSd, $a->name]
                <=> [round($away($b), 6), $b->load->shareSd, $b->name],
        );

        return array_slice($rungs, 0, $most);
    }
}
