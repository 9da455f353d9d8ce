<?php

declare(strict_types=1);

namespace SteadyRung\Strength;

use SteadyRung\OutOfRange;

/**
 * One logged set as evidence of capacity: reps at a carried share (on the way up) on a day.
 */
final readonly class Observation
{
    public const REPS = [0.0, 100.0];

    public const RESERVE = [0.0, 5.0];

    public const LOAD_SHARE = [0.01, 5.0];

    /** From this reserve on nobody can tell how far failure was. */
    private const FAR_FROM_FAILURE = 4;

    /** Day-to-day form, as a part of capacity (common practice). */
    private const FORM_SD = 0.03;

    /** Spread of a count of reps: a fixed part, a part of the count, and a guess at the reserve (common practice). */
    private const REP_SD = 0.7;

    private const REP_SD_PER_REP = 0.08;

    private const RESERVE_SD = 0.6;

    private const UNKNOWN_SD = 2.5;

    private function __construct(
        public int $day,
        public float $loadShare,
        public float $loadShareSd,
        public int $reps,
        public ?int $reserve,
    ) {
    }

    /**
     * A set on a day (days of any one calendar count), 0–100 reps with 0–5 in reserve or unknown.
     *
     * @throws OutOfRange if a figure is outside
     */
    public static function of(int $day, float $loadShare, float $loadShareSd, int $reps, ?int $reserve): self
    {
        OutOfRange::guard([
            'load_share' => [$loadShare, self::LOAD_SHARE],
            'load_sd_share' => [$loadShareSd, [0.0, 1.0]],
            'reps' => [$reps, self::REPS],
            'reserve' => [$reserve, self::RESERVE],
        ]);

        return new self($day, $loadShare, $loadShareSd, $reps, $reps === 0 ? 0 : $reserve);
    }

    /** Whether it only says "at least so much": far from failure, or nobody said how far. */
    public function isLowerBound(): bool
    {
        return $this->reserve === null || $this->reserve >= self::FAR_FROM_FAILURE;
    }

    /** Whether it only says "less than so much": not one rep. */
    public function isUpperBound(): bool
    {
        return $this->reps === 0;
    }

    /** Log of the capacity, as a share of bodyweight, that this set speaks for. */
    public function logCapacity(RepCurve $curve): float
    {
        return log($this->loadShare * $curve->ratio($this->repsToFailure()));
    }

    /** Variance of logCapacity. */
    public function variance(RepCurve $curve): float
    {
        $repSd = self::REP_SD + self::REP_SD_PER_REP * $this->repsToFailure()
            + ($this->reserve === 0 ? 0.0 : self::RESERVE_SD);
        if ($this->isLowerBound() || $this->isUpperBound()) {
            $repSd = max($repSd, self::UNKNOWN_SD);
        }
        $repsInLog = $repSd * ($curve->ratio(2.0) - $curve->ratio(1.0)) / $curve->ratio($this->repsToFailure());

        return $repsInLog ** 2 + self::FORM_SD ** 2 + ($this->loadShareSd / $this->loadShare) ** 2;
    }

    private function repsToFailure(): float
    {
        return min((float) ($this->reps + ($this->reserve ?? 0)), RepCurve::MOST_REPS);
    }
}
