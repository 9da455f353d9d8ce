<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * Who does what when and where, in order of time.
 */
final readonly class Timetable
{
    /** @param  list<Slot>  $slots */
    private function __construct(
        public array $slots,
        public int $endS,
        public int $boundS,
        public int $waitingS,
        public int $changes,
        public bool $fits,
    ) {
    }

    public static function of(Chart $chart, Board $board, int $boundS): self
    {
        $stations = array_keys($chart->evening->stations);
        $slots = [];
        foreach ($chart->evening->comers as $a => $comer) {
            foreach ($comer->turns as $i => $turn) {
                $at = $chart->first[$a] + $i;
                $slots[] = new Slot($comer->id, $turn->id, $board->startS[$at], (string) $stations[$board->station[$at]]);
            }
        }
        usort($slots, static fn (Slot $one, Slot $other): int => $one->startS <=> $other->startS);

        return new self(
            $slots,
            $board->endS,
            $boundS,
            $board->waitingS,
            $board->changes(),
            $board->endS <= $chart->evening->lengthS,
        );
    }
}
