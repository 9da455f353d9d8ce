<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Exercise\Rung;

/**
 * Where an athlete stands in a method: the stage, the day it began, and the rung in use of its work.
 */
final readonly class Place
{
    public function __construct(public Stage $stage, public int $since, public ?Rung $rung)
    {
    }

    public function on(Rung $rung): self
    {
        return new self($this->stage, $this->since, $rung);
    }
}
