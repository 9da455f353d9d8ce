<?php

declare(strict_types=1);

namespace SteadyRung\Drawing;

/**
 * A set-up seen from the side, to scale: the body at the start and at the finish, the gear, and what to measure.
 */
final readonly class SideView
{
    /**
     * @param  list<Line>  $gear
     * @param  list<Dimension>  $dimensions
     */
    public function __construct(
        public Stick $start,
        public ?Stick $finish,
        public array $gear,
        public array $dimensions,
    ) {
    }

    /**
     * Lower left and upper right corner of all that is drawn, the floor included.
     *
     * @return array{Point, Point}
     */
    public function bounds(): array
    {
        $points = [new Point(0.0, 0.0), ...$this->start->outline(), ...($this->finish?->outline() ?? [])];
        foreach ($this->gear as $line) {
            array_push($points, ...$line->points);
        }
        foreach ($this->dimensions as $dimension) {
            array_push($points, $dimension->from, $dimension->to);
        }
        $x = array_map(static fn (Point $p): float => $p->xM, $points);
        $y = array_map(static fn (Point $p): float => $p->yM, $points);

        return [new Point(min($x), min($y)), new Point(max($x), max($y))];
    }
}
