<?php

declare(strict_types=1);

namespace SteadyRung\Call;

/**
 * One rule of the call: it answers if it fires and is silent otherwise.
 */
interface Rule
{
    public function judge(Situation $situation): ?Call;
}
