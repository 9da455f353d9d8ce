<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Stack;

use SteadyRung\Body\Body;
use SteadyRung\Body\Figure;
use SteadyRung\Body\Proportions;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\Stick;

/**
 * How one stays down under a pull-down.
 */
enum Stance: string
{
    case Seated = 'seated';
    case Kneeling = 'kneeling';

    private const SEAT_M = 0.45;

    /** Height of the hands over the floor with the arms straight, in m. */
    public function handsM(Body $body): float
    {
        return match ($this) {
            self::Seated => self::SEAT_M + $body->reachM - $body->heightM(Proportions::HIP_HEIGHT),
            self::Kneeling => $body->reachM - $body->heightM(Proportions::KNEE_HEIGHT),
        };
    }

    public function figure(Body $body, Point $grip): Stick
    {
        $figure = new Figure($body);

        return match ($this) {
            self::Seated => $figure->seated($grip, self::SEAT_M),
            self::Kneeling => $figure->kneeling($grip, 0.0, 0.0),
        };
    }

    /** @return list<Line> */
    public function furniture(): array
    {
        return $this === self::Seated ? [Line::box(-0.2, 0.2, self::SEAT_M)] : [];
    }
}
