<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

use SteadyRung\InWords;

/**
 * Something about the readings of a band that asks for a second look; the grave ones are kept only when somebody confirms them.
 */
final readonly class BandDoubt
{
    /** A curve further than this factor from what the size suggests is another band, or another unit. */
    private const FARTHEST_FROM_SIZE = 1.8;

    /** A single reading nearer than this says little: at stretch 1.1 a centimetre is 8 % of the help. */
    private const FIRST_STRETCH = 1.4;

    private const POUNDS = [2.0, 2.4];

    private const NEWTONS = [8.8, 10.9];

    private function __construct(public BandDoubtCode $code, public string $text)
    {
    }

    /** @return list<self> */
    public static function about(LoopBand $band): array
    {
        if ($band->points === []) {
            return [];
        }
        $lengthsM = array_map(static fn (CalibrationPoint $p): float => $p->lengthM, $band->points);
        $doubts = [self::ofSize($band)];
        if (max($lengthsM) < self::FIRST_STRETCH * $band->hungLengthM()) {
            $doubts[] = new self(
                BandDoubtCode::TooNear,
                sprintf(
                    'Read it further out: from %s on a centimetre of length matters little.',
                    InWords::cm(ceil(self::FIRST_STRETCH * $band->hungLengthM() * 100.0) / 100.0),
                ),
            );
        }
        if (count($band->points) > 1 && $band->status !== CurveStatus::Measured) {
            $doubts[] = new self(
                BandDoubtCode::TooClose,
                sprintf(
                    'These readings are so close together that they count as one. Take another at least %s away.',
                    InWords::cm(ceil(BandCalibration::APART * $band->hungLengthM() * 100.0) / 100.0),
                ),
            );
        }

        return array_values(array_filter($doubts));
    }

    private static function ofSize(LoopBand $band): ?self
    {
        $factor = $band->law->scaleN() / RubberLaw::fromSize($band->hungLengthM(), $band->widthMm, $band->thicknessMm)->scaleN();
        $far = max($factor, 1.0 / $factor);
        $words = sprintf('%.1f times %s than its size suggests', $far, $factor > 1.0 ? 'stronger' : 'weaker');

        return match (true) {
            $far <= self::FARTHEST_FROM_SIZE => null,
            $far >= self::POUNDS[0] && $far <= self::POUNDS[1] => new self(
                BandDoubtCode::Pounds,
                "It pulls $words. Does the scale read pounds?",
            ),
            $far >= self::NEWTONS[0] && $far <= self::NEWTONS[1] => new self(
                BandDoubtCode::Newtons,
                "It pulls $words. Does the scale read newtons?",
            ),
            default => new self(
                BandDoubtCode::OtherBand,
                "It pulls $words. Is it this band, hitched once, and measured where it is thinnest?",
            ),
        };
    }
}
