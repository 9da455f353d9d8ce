<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

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

    /** Extra relative uncertainty for each unit of stretch outside the measured points (common practice). */
    private const SD_PER_STRETCH_OUTSIDE = 0.10;

    /** @param  list<CalibrationPoint>  $points */
    private function __construct(
        public string $id,
        public string $name,
        public float $widthMm,
        public float $thicknessMm,
        public array $points,
        public RubberLaw $law,
        public CurveStatus $status,
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
        $calibration = BandCalibration::fit(RubberLaw::fromSize($hungLengthM, $widthMm, $thicknessMm), $points);

        return new self($id, $name, $widthMm, $thicknessMm, $points, $calibration->law, $calibration->status);
    }

    public function hungLengthM(): float
    {
        return $this->law->hungLengthM;
    }

    /** Relative standard deviation of the force at a length: that of the status, growing outside the measured points. */
    public function relativeSdAt(float $lengthM): float
    {
        $sd = $this->status->relativeSd();
        if ($this->status !== CurveStatus::Measured || $this->points === []) {
            return $sd;
        }
        $lengths = array_map(static fn (CalibrationPoint $p): float => $p->lengthM, $this->points);
        $outsideM = max(0.0, min($lengths) - $lengthM, $lengthM - max($lengths));

        return $sd + self::SD_PER_STRETCH_OUTSIDE * $outsideM / $this->hungLengthM();
    }
}
