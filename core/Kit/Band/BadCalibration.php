<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

use SteadyRung\CoreError;
use SteadyRung\InWords;

/**
 * Points that cannot all be right; names the point to take again.
 */
final class BadCalibration extends \DomainException implements CoreError
{
    private function __construct(
        public readonly CalibrationFault $fault,
        public readonly int $pointIndex,
        public readonly CalibrationPoint $point,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function notStretched(int $index, CalibrationPoint $point, float $hungLengthM): self
    {
        return new self(CalibrationFault::NotStretched, $index, $point, sprintf(
            'Point %d at %s is not longer than the hung length of %s, so the band is slack there. Check the length.',
            $index + 1, InWords::cm($point->lengthM), InWords::cm($hungLengthM),
        ));
    }

    public static function missesPoint(int $index, CalibrationPoint $point, float $miss): self
    {
        return new self(CalibrationFault::MissesPoint, $index, $point, sprintf(
            'No band bends so much: the best curve misses a point by %.0f %% (15 %% is allowed). Point %d at %s, %s is the odd one out. Take it again.',
            100 * $miss, $index + 1, InWords::cm($point->lengthM), InWords::pull($point->forceN),
        ));
    }

    public static function notIncreasing(int $index, CalibrationPoint $point): self
    {
        return new self(CalibrationFault::NotIncreasing, $index, $point, sprintf(
            'Through these points the band would pull less the more it is stretched. Point %d at %s, %s is the odd one out. Take it again.',
            $index + 1, InWords::cm($point->lengthM), InWords::pull($point->forceN),
        ));
    }
}
