<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

use SteadyRung\Kit\Bar;
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
        private ?float $measuredOverMm = null,
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

    /** The same band, known to have hung over this bar while it was measured. */
    public function measuredOver(?Bar $bar): self
    {
        return $this->with($this->law, $bar?->diameterMm);
    }

    /**
     * The band over another bar: where both diameters are known, a thicker one takes π times the difference of each strand, for the hitch
     * goes round it once (geometry; common practice says 3–5 cm). The rubber is the same, so force by stretch is.
     */
    public function over(Bar $bar): self
    {
        if ($this->measuredOverMm === null || $bar->diameterMm === null) {
            return $this;
        }
        $measured = $this->calibration->law;
        $hungM = max(self::HUNG_LENGTH_M[0], $measured->hungLengthM - M_PI * ($bar->diameterMm - $this->measuredOverMm) / 1000.0);

        return $this->with(new RubberLaw($hungM, $measured->a1N, $measured->a2N), $this->measuredOverMm);
    }

    /** Longer by this, in m, than where it was measured; shorter below zero. */
    public function longerByM(): float
    {
        return $this->law->hungLengthM - $this->calibration->law->hungLengthM;
    }

    public function hungLengthM(): float
    {
        return $this->law->hungLengthM;
    }

    /** Standard deviation in N of the force at a length. */
    public function sdNAt(float $lengthM): float
    {
        return $this->calibration->sdNAt($lengthM * $this->calibration->law->hungLengthM / $this->law->hungLengthM);
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
                $this->calibration->law->hungLengthM,
                $this->widthMm,
                $this->thicknessMm,
                array_map(static fn (CalibrationPoint $p): array => [$p->lengthM, $p->forceN], $this->points),
            ]),
        );
    }

    private function with(RubberLaw $law, ?float $measuredOverMm): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            widthMm: $this->widthMm,
            thicknessMm: $this->thicknessMm,
            points: $this->points,
            law: $law,
            status: $this->status,
            calibration: $this->calibration,
            measuredOverMm: $measuredOverMm,
        );
    }
}
