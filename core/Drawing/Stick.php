<?php

declare(strict_types=1);

namespace SteadyRung\Drawing;

/**
 * A body in the side view, as joints.
 */
final readonly class Stick
{
    public function __construct(
        public Point $grip,
        public Point $elbow,
        public Point $shoulder,
        public Point $head,
        public Point $hip,
        public Point $knee,
        public Point $ankle,
        public Point $toe,
        public float $headRadiusM,
    ) {
    }

    /**
     * The joints and the edges of the head.
     *
     * @return non-empty-list<Point>
     */
    public function outline(): array
    {
        $r = $this->headRadiusM;

        return [
            $this->grip,
            $this->elbow,
            $this->shoulder,
            $this->head->plus(-$r, -$r),
            $this->head->plus($r, $r),
            $this->hip,
            $this->knee,
            $this->ankle,
            $this->toe,
        ];
    }
}
