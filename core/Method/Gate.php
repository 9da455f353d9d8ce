<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\OutOfRange;

/**
 * What must be met, clean, to move on: so many sets of so much in so many sessions; under the floor is too hard.
 */
final readonly class Gate
{
    public const SESSIONS = [1.0, 10.0];

    public const DAYS = [0.0, 365.0];

    private function __construct(
        public Measure $measure,
        public int $sets,
        public int $count,
        public int $floor,
        public int $sessions,
        public int $leastDays,
        public ?Condition $also,
    ) {
    }

    /**
     * @param  int  $sets  1–12
     * @param  int  $count  1–600 reps or seconds in each
     * @param  int  $floor  up to the count
     * @param  int  $sessions  1–10
     * @param  int  $leastDays  at the stage, 0–365
     * @param  Condition|null  $also  of another exercise
     *
     * @throws OutOfRange if a figure is outside
     */
    public static function of(
        Measure $measure,
        int $sets,
        int $count,
        int $floor,
        int $sessions = 2,
        int $leastDays = 0,
        ?Condition $also = null,
    ): self {
        OutOfRange::guard([
            'sets' => [$sets, Prescription::SETS],
            'count' => [$count, [1.0, 600.0]],
            'floor' => [$floor, [0.0, (float) $count]],
            'sessions' => [$sessions, self::SESSIONS],
            'least_days' => [$leastDays, self::DAYS],
        ]);

        return new self($measure, $sets, $count, $floor, $sessions, $leastDays, $also);
    }

    /** Whether a line can meet it: as many sets of as much. */
    public function isMetBy(Prescription $work): bool
    {
        $inOne = $work->amount->measure === Measure::TotalReps ? 1 : $work->sets;

        return $this->sets <= $inOne
            && $this->measure === $work->amount->measure
            && ($work->toFailure || $this->count <= $work->amount->high);
    }

    public function words(): string
    {
        $what = $this->measure === Measure::TotalReps
            ? "$this->count in all"
            : (
                $this->sets === 1 ? $this->measure->count($this->count).' in one set' : "$this->sets × ".$this->measure->count($this->count)
            );

        return $what.($this->sessions === 1 ? '' : " in $this->sessions sessions").(
            $this->leastDays === 0 ? '' : sprintf(', after %d days at the least', $this->leastDays)
        ).($this->also === null ? '' : ", and {$this->also->words()}");
    }
}
