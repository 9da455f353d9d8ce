<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

/**
 * The edges of a rep at 5 and 95 % of its own way, in samples. Each edge is told by how long the curve lies under its level along
 * that flank, so that noise which crosses the level and comes back shifts it neither way.
 */
final readonly class Edges
{
    private const LOW = 0.05;

    private const HIGH = 0.95;

    /** The level on top is found from outside in. */
    private const NEARER = [0.85, 0.9, 0.95, 0.95];

    private function __construct(public float $start, public float $up, public float $lowers, public float $end, public float $levelM)
    {
    }

    /**
     * @param  int  $before  the top before it, or the beginning
     * @param  int  $after  the top after it, or the end
     * @param  float  $leftM  the level that it rises from
     * @param  float  $rightM  the level that it comes down to
     */
    public static function of(Curve $curve, int $before, int $top, int $after, float $leftM, float $rightM): self
    {
        $level = $curve->at($top);
        $rises = $curve->sinking($top, Way::Back, ($leftM + $level) / 2.0);
        $falls = $curve->sinking($top, Way::Forth, ($rightM + $level) / 2.0);
        foreach (self::NEARER as $part) {
            $level = $curve->middle(
                min($top, $curve->rising($rises, Way::Forth, $leftM + $part * ($level - $leftM))),
                max($top, $curve->rising($falls, Way::Back, $rightM + $part * ($level - $rightM))),
            );
        }
        $up = $rises + $curve->under($rises, $curve->rising($rises, Way::Forth, $level), $leftM + self::HIGH * ($level - $leftM));
        $lowers = $falls - $curve->under($curve->rising($falls, Way::Back, $level), $falls, $rightM + self::HIGH * ($level - $rightM));
        $from = max($curve->lowest($before, $top), $curve->sinking($rises, Way::Back, $leftM));
        $to = min($curve->lowest($top, $after), $curve->sinking($falls, Way::Forth, $rightM));

        return new self(
            $from + $curve->under($from, $rises, $leftM + self::LOW * ($level - $leftM)),
            $up,
            max($up, $lowers),
            $to - $curve->under($falls, $to, $rightM + self::LOW * ($level - $rightM)),
            $level,
        );
    }

    /** The shorter of its ways up and down. */
    public function quickest(): float
    {
        return min($this->up - $this->start, $this->end - $this->lowers);
    }
}
