<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;

/**
 * One rule of the call. Which comes first follows from the order of the verdicts.
 */
interface Rule
{
    public function verdict(): Verdict;

    /** Its permanent name. */
    public function name(): string;

    public function look(Situation $situation): Finding;
}
