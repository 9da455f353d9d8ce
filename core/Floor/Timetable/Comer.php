<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

use SteadyRung\OutOfRange;

/**
 * Somebody who comes to a class, when, and their sets in the order in which they are done.
 */
final readonly class Comer
{
    public const ARRIVES_S = [0, 21_600];

    public const TURNS = [1, 40];

    /**
     * @param  non-empty-list<Turn>  $turns
     *
     * @throws OutOfRange if they come too late, or have no turn or too many
     */
    public function __construct(public string $id, public int $arrivesS, public array $turns)
    {
        OutOfRange::guard(['arrives_s' => [$arrivesS, self::ARRIVES_S], 'sets' => [count($turns), self::TURNS]]);
    }
}
