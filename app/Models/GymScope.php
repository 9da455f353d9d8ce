<?php

declare(strict_types=1);

namespace App\Models;

use SteadyRung\Body\PullTop;

/**
 * The gym whose rows a query sees and a write may touch.
 */
interface GymScope
{
    /** @throws \LogicException if no gym was entered */
    public function id(): string;

    /** Where its pulls end. */
    public function pullTop(): PullTop;
}
