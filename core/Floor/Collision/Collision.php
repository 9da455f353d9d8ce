<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Collision;

use SteadyRung\Floor\Timetable\Slot;

/**
 * Two who need one piece of gear, or one station, at the same time: whoever goes first as told, who then waits, and the ways
 * out, the best first.
 */
final readonly class Collision
{
    /** @param  non-empty-list<WayOut>  $ways */
    public function __construct(public Slot $first, public Slot $second, public string $piece, public int $atS, public array $ways)
    {
    }
}
