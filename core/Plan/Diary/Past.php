<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\Strength\Tries;

/**
 * What lies before the sets a diary holds, found only where somebody asks for it.
 */
interface Past
{
    /** Day of the first set of all. */
    public function begun(): ?int;

    /** Day of the first lowering that was no baseline. */
    public function firstLowering(): ?int;

    public function longestHangS(): ?float;

    /** Tries and tests of strict pull-ups from a day on. */
    public function tries(int $from): Tries;

    /** The most strict pull-ups in one set. */
    public function mostStrict(): int;
}
