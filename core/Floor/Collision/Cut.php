<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Collision;

/**
 * What somebody could leave out, and how much sooner the class would end.
 */
final readonly class Cut
{
    public function __construct(public string $athlete, public string $line, public int $sets, public int $savesS)
    {
    }
}
