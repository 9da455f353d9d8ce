<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Method\Measure;
use SteadyRung\Middle;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\FallenOff;

/**
 * What one session came to on one set-up: the counts of its sets in order, and what was told of it.
 */
final readonly class SessionResult
{
    /** Clean reps under this part of those tried are too few. */
    public const LEAST_CLEAN = 0.7;

    /** A median set under this part of what was asked is far short (prototypes). */
    private const FAR_SHORT = 0.3;

    private const MOST_TOLD = 12;

    /**
     * @param  non-empty-list<int>  $clean  reps or seconds
     * @param  int  $noCounts  reps that did not count
     * @param  int  $tooFast  sets that went down faster than asked
     * @param  float|null  $expected  the median of the first set, as it was foretold; known of hard sessions
     * @param  int|null  $effort  0–10
     * @param  int|null  $asked  reps of each set, at the least
     */
    public function __construct(
        public int $day,
        public array $clean,
        public int $noCounts = 0,
        public int $tooFast = 0,
        public ?float $expected = null,
        public ?int $effort = null,
        public ?int $asked = null,
    ) {
    }

    /** Over all sets together where that is what counts. */
    public function meets(Standard $standard): bool
    {
        $met = array_filter($this->clean, static fn (int $count): bool => $count >= $standard->count);

        return match (true) {
            $standard->measure === Measure::TotalReps => array_sum($this->clean) >= $standard->count,
            $standard->sets === 1 => $met !== [],
            default => count($this->clean) >= $standard->sets && count($met) === count($this->clean),
        };
    }

    /** Whether half of the sets came to little of what was asked; where seconds or all reps together count, not one to the floor. */
    public function fallsShort(Standard $standard): bool
    {
        return $standard->measure === Measure::Reps
            ? Middle::of($this->clean) < Done::FAILED * $this->askedOr($standard)
            : max($this->clean) < $standard->floor;
    }

    /** Whether half of them came to next to nothing. */
    public function fallsFarShort(Standard $standard): bool
    {
        return $standard->measure === Measure::Reps && Middle::of($this->clean) < self::FAR_SHORT * $this->askedOr($standard);
    }

    public function askedOr(Standard $standard): int
    {
        return $this->asked ?? $standard->count;
    }

    public function cleanShare(): float
    {
        $tried = array_sum($this->clean) + $this->noCounts;

        return $tried === 0 ? 1.0 : array_sum($this->clean) / $tried;
    }

    public function isUnclean(): bool
    {
        return $this->noCounts > 0 && $this->cleanShare() < self::LEAST_CLEAN;
    }

    /** Whether most sets went down too fast. */
    public function isTooFast(): bool
    {
        return 2 * $this->tooFast > count($this->clean);
    }

    /** Whether it was hard, and the first set far under what was foretold. */
    public function fallsOff(): bool
    {
        return FallenOff::is($this->expected, $this->effort, $this->clean[0]);
    }

    /** The first of them where nobody would read all. */
    public function counts(): string
    {
        $more = count($this->clean) - self::MOST_TOLD;

        return implode(', ', array_slice($this->clean, 0, self::MOST_TOLD)).($more > 0 ? " and $more more" : '');
    }
}
