<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

use SteadyRung\OutOfRange;

/**
 * A loop band as it hangs hitched over a bar.
 */
final readonly class LoopBand
{
    public const HUNG_LENGTH_M = [0.2, 2.5];

    public const WIDTH_MM = [3.0, 150.0];

    public const THICKNESS_MM = [0.5, 20.0];

    public const MOST_POINTS = 30;

    public const WARN_STRETCH = 2.5;

    public const MOST_STRETCH = 3.0;

    /** Where bands are compared, as stretch. */
    private const USUAL_STRETCH = 2.0;

    /** @param  list<CalibrationPoint>  $points */
    private function __construct(
        public string $id,
        public string $name,
        public float $widthMm,
        public float $thicknessMm,
        public array $points,
        public RubberLaw $law,
        public CurveStatus $status,
        private BandCalibration $calibration,
    ) {
    }

    /**
     * A band of hung length 0.2–2.5 m, 3–150 mm wide and 0.5–20 mm thick, with up to 30 readings of the scale.
     *
     * @param  list<CalibrationPoint>  $points
     *
     * @throws OutOfRange if a size is outside
     * @throws BadCalibration if the points cannot be right
     */
    public static function of(string $id, string $name, float $hungLengthM, float $widthMm, float $thicknessMm, array $points = []): self
    {
        OutOfRange::guard([
            'hung_length_m' => [$hungLengthM, self::HUNG_LENGTH_M],
            'width_mm' => [$widthMm, self::WIDTH_MM],
            'thickness_mm' => [$thicknessMm, self::THICKNESS_MM],
            'points' => [count($points), [0.0, (float) self::MOST_POINTS]],
        ]);
        $calibration = BandCalibration::of(RubberLaw::fromSize($hungLengthM, $widthMm, $thicknessMm), $points);

        return new self(
            id: $id,
            name: $name,
            widthMm: $widthMm,
            thicknessMm: $thicknessMm,
            points: $points,
            law: $calibration->law,
            status: $calibration->status,
            calibration: $calibration,
        );
    }

    public function hungLengthM(): float
    {
        return $this->law->hungLengthM;
    }

    /** Standard deviation in N of the force at a length. */
    public function sdNAt(float $lengthM): float
    {
        return $this->calibration->sdNAt($lengthM);
    }

    /** The same as a part of the force, at twice the hung length. */
    public function relativeSd(): float
    {
        $lengthM = self::USUAL_STRETCH * $this->hungLengthM();

        return $this->sdNAt($lengthM) / $this->law->forceN($lengthM);
    }

    /** The same as long as its size and readings are: whoever measures it anew begins to learn its error anew. */
    public function stamp(): string
    {
        return hash(
            'crc32b',
            serialize([
                $this->law->hungLengthM,
                $this->widthMm,
                $this->thicknessMm,
                array_map(static fn (CalibrationPoint $p): array => [$p->lengthM, $p->forceN], $this->points),
            ]),
        );
    }
}
