<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\OutOfRange;

/**
 * How much of something a set asks for, from and to.
 */
final readonly class Amount
{
    public const COUNT = [1.0, 600.0];

    private function __construct(public Measure $measure, public int $low, public int $high)
    {
    }

    /** @throws OutOfRange if a figure is outside 1–600, or the lower one is the larger */
    public static function of(Measure $measure, int $low, ?int $high = null): self
    {
        $high ??= $low;
        OutOfRange::guard([$measure->value => [$low, self::COUNT], 'high' => [$high, [(float) $low, self::COUNT[1]]]]);

        return new self($measure, $low, $high);
    }

    public function atMost(int $most): self
    {
        return new self($this->measure, min($this->low, $most), min($this->high, $most));
    }

    public function words(): string
    {
        $unit = match ($this->measure) {
            Measure::Seconds => ' s',
            Measure::Metres => ' m',
            Measure::TotalReps => ' in all',
            Measure::Reps => '',
        };

        return ($this->low === $this->high ? (string) $this->low : "{$this->low}–{$this->high}").$unit;
    }
}
