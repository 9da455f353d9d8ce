<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

use SteadyRung\Body\Body;
use SteadyRung\Crossing;
use SteadyRung\Setup\DoesNotFit;

/**
 * Where to put the heels for a wanted share; the inverse of a row.
 */
final class HeelMark
{
    /** Marks looked at before the root is closed in on. */
    private const GRID_M = 0.04;

    private const WITHIN_M = 1e-12;

    /** The row at the heel mark nearest the head that gives a mean carried share, exact to rounding (a root on a grid). */
    public static function forShare(Row $row, Body $body, float $share): Row|DoesNotFit
    {
        $low = INF;
        $high = -INF;
        $before = null;
        foreach (range(Row::HEEL_MARK_M[0], Row::HEEL_MARK_M[1], self::GRID_M) as $markM) {
            $here = self::shareAt($row, $body, (float) $markM);
            if ($here !== null) {
                $low = min($low, $here);
                $high = max($high, $here);
                if ($before !== null && ($before - $share) * ($here - $share) <= 0.0) {
                    return $row->withHeelMark(Crossing::of(
                        static fn (float $m): float => (self::shareAt($row, $body, $m) ?? 0.0) - $share,
                        $markM - self::GRID_M,
                        (float) $markM,
                        self::WITHIN_M,
                    ));
                }
            }
            $before = $here;
        }

        return $low > $high ? self::neverFits($row, $body) : DoesNotFit::shareOutOfReach($share, $low, $high);
    }

    private static function shareAt(Row $row, Body $body, float $markM): ?float
    {
        $path = $row->withHeelMark($markM)->path($body);

        return $path instanceof RowPath ? $path->meanShare() : null;
    }

    private static function neverFits(Row $row, Body $body): DoesNotFit
    {
        $load = $row->withHeelMark(0.0)->carriedBy($body);
        assert($load instanceof DoesNotFit);

        return $load;
    }
}
