<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Exercise\Style\Movement;
use SteadyRung\OutOfRange;

/**
 * What a gate asks beside its own count: so much of another exercise in one set, at any time.
 */
final readonly class Condition
{
    public const COUNT = [1.0, 600.0];

    private function __construct(public AllowedExercises $of, public Measure $measure, public int $count)
    {
    }

    /**
     * @param  int  $count  1–600 reps, or seconds
     *
     * @throws OutOfRange if it is outside
     */
    public static function of(AllowedExercises $of, int $count): self
    {
        $measure = $of->movement === Movement::Hold ? Measure::Seconds : Measure::Reps;
        OutOfRange::guard([$measure->value => [$count, self::COUNT]]);

        return new self($of, $measure, $count);
    }

    /** As “3 in one set (pull-up)”. */
    public function words(): string
    {
        return sprintf('%s in one set (%s)', $this->measure->count($this->count), lcfirst($this->of->words()));
    }
}
