<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Collision;

/**
 * One way out of a collision, and what it costs.
 */
final readonly class WayOut
{
    /**
     * @param  string  $goesFirst  athlete
     * @param  Instead|null  $instead  of a switch
     * @param  int  $waitsS  how long whoever goes second waits, once rested
     * @param  int  $othersMoved  of the others so many begin over half a minute sooner or later
     * @param  int  $laterS  so much later the class ends than as told; below 0 sooner
     * @param  int  $waitingS  what all wait together
     */
    public function __construct(
        public WayOutKind $kind,
        public string $goesFirst,
        public ?Instead $instead,
        public int $waitsS,
        public int $othersMoved,
        public int $laterS,
        public int $waitingS,
    ) {
    }
}
