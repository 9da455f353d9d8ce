<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * Somebody who comes to a class, when, and their sets in the order in which they are done.
 */
final readonly class Comer
{
    /** @param  non-empty-list<Turn>  $turns */
    public function __construct(public string $id, public int $arrivesS, public array $turns)
    {
    }
}
