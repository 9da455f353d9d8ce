<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use SteadyRung\Floor\Collision\Instead;
use SteadyRung\Floor\Timetable\Evening;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\Timetable;

/**
 * A class day as the timetable needs it.
 *
 * @phpstan-import-type KeptLine from SheetWork
 */
final readonly class ClassEvening
{
    /**
     * @param  list<Slot>  $begun  facts
     * @param  int  $nowS  since it began; 0 before that
     * @param  array<string, list<KeptLine>>  $works  by athlete
     * @param  list<Instead>  $others
     */
    public function __construct(public Evening $evening, public array $begun, public int $nowS, public array $works, public array $others)
    {
    }

    /** @return list<Slot> what was not done yet */
    public function left(Timetable $timetable): array
    {
        $done = array_fill_keys(array_map(static fn (Slot $s): string => "$s->athlete $s->set", $this->begun), true);

        return array_values(array_filter($timetable->slots, static fn (Slot $s): bool => ! isset($done["$s->athlete $s->set"])));
    }
}
