<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\Exercise\Choices\ChoiceKind;

/**
 * Which hopped reps count as lowerings: those of sets short enough for their way down to be braked, no more a day than were written so.
 */
final readonly class BrakedHops
{
    public function __construct(public int $mostASet = 0, public int $mostADay = 0)
    {
    }

    /** Of one set. */
    public function in(Done $done): int
    {
        return $done->kind === ChoiceKind::Hop && $done->reps <= $this->mostASet ? (int) $done->reps : 0;
    }
}
