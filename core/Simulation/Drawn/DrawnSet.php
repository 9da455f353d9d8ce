<?php

declare(strict_types=1);

namespace SteadyRung\Simulation\Drawn;

use SteadyRung\Plan\Diary\NoCount;
use SteadyRung\Simulation\Draws;
use SteadyRung\Trace\TracedRep;

/**
 * A set whose truth is known, as a body goes: from the floor into the hang, up and down, and off again.
 */
final readonly class DrawnSet
{
    /** Under the hang, m. */
    private const STANDS_M = -0.12;

    private const LANDS_M = -0.25;

    private const QUICKEST_S = 0.42;

    private const MOST_REPS = 10;

    /**
     * @param  non-empty-list<DrawnMove>  $moves
     * @param  list<TracedRep>  $reps  as they truly are
     */
    private function __construct(
        public array $moves,
        public array $reps,
        public float $onS,
        public float $offS,
        public float $lastsS,
    ) {
    }

    /**
     * @param  float  $pullM  from hang to top
     * @param  float  $slowestS  of any way up or down, from edge to edge
     * @param  bool  $isRagged  with partials and falls among its reps
     */
    public static function draw(Draws $draws, float $pullM, float $slowestS, bool $isRagged): self
    {
        $pace = self::pace($draws, $slowestS);
        $moves = [
            DrawnMove::stay($draws->between(1.0, 3.0), self::STANDS_M),
            DrawnMove::smooth($draws->between(0.5, 1.0), self::STANDS_M, 0.0),
            DrawnMove::stay($draws->between(1.0, 2.5), 0.0),
        ];
        $onS = $moves[0]->lastsS + 0.5 * $moves[1]->lastsS;
        $atS = self::lastS($moves);
        $reps = [];
        $fromM = 0.0;
        for ($left = 1 + (int) floor(self::MOST_REPS * $draws->uniform()); $left > 0; $left--) {
            [$ways, $why] = self::rep($draws, $pace, $pullM, $fromM, $isRagged && $fromM === 0.0 ? $draws->uniform() : 1.0, $left === 1);
            [$up, $down] = [$ways[0]->edgesS(), $ways[2]->edgesS()];
            $turnsS = $atS + $ways[0]->lastsS + $ways[1]->lastsS;
            $reps[] = new TracedRep($atS + $up[0], $atS + $up[1], $turnsS + $down[0], $turnsS + $down[1], $why);
            $moves = [...$moves, ...$ways];
            $atS += self::lastS($ways);
            $fromM = $ways[3]->toM;
        }
        $offS = $atS + $draws->between(0.6, 2.0);
        $off = [
            DrawnMove::stay($offS - $atS, 0.0),
            DrawnMove::fall(0.25, 0.0, self::LANDS_M),
            DrawnMove::stay($draws->between(1.0, 2.5), self::LANDS_M),
        ];

        return new self([...$moves, ...$off], $reps, $onS, $offS, $atS + self::lastS($off));
    }

    /**
     * How a set is done: each way drawn about its own usual seconds.
     *
     * @return array{up: \Closure(): float, pause: \Closure(): float, down: \Closure(): float, below: \Closure(): float}
     */
    private static function pace(Draws $draws, float $slowestS): array
    {
        $between = static fn (float $low, float $high): float => exp($draws->between(log($low), log($high)));
        $about = static fn (float $usualS, float $spread): \Closure => static fn (): float => $usualS * exp($spread * $draws->normal());
        $way = static fn (float $usualS): \Closure => static fn (): float => max(
            self::QUICKEST_S,
            min($slowestS, $usualS * exp(0.12 * $draws->normal())),
        ) / (1.0 - 2.0 * DrawnMove::EDGE);

        return [
            'up' => $way($between(0.45, min(4.0, $slowestS))),
            'down' => $way($between(0.45, $slowestS)),
            'pause' => $about($draws->uniform() < 0.5 ? 0.05 : $between(0.4, 4.0), 0.2),
            'below' => $about($draws->between(0.3, 2.0), 0.3),
        ];
    }

    /**
     * Up, on top, down and below; and why it does not count.
     *
     * @param  array{up: \Closure(): float, pause: \Closure(): float, down: \Closure(): float, below: \Closure(): float}  $pace
     * @param  float  $lot  under a third something is wrong with it
     * @return array{array{DrawnMove, DrawnMove, DrawnMove, DrawnMove}, NoCount|null}
     */
    private static function rep(Draws $draws, array $pace, float $pullM, float $fromM, float $lot, bool $isLast): array
    {
        $isShort = $lot < 0.14;
        $topM = $pullM * (1.0 + 0.02 * $draws->normal()) * ($isShort ? $draws->between(0.45, 0.72) : 1.0);
        $toM = ! $isShort && $lot < 0.24 && ! $isLast ? $pullM * $draws->between(0.25, 0.45) : 0.0;
        $falls = ! $isShort && $lot < 0.34 && $toM === 0.0;
        $ways = [
            DrawnMove::smooth($pace['up'](), $fromM, $topM),
            DrawnMove::stay($pace['pause'](), $topM),
            $falls ? DrawnMove::fall(sqrt(2.0 * $topM / 9.0) / 0.85, $topM, 0.0) : DrawnMove::smooth($pace['down'](), $topM, $toM),
            DrawnMove::stay($toM > 0.0 ? 0.15 : $pace['below'](), $toM),
        ];

        return [$ways, match (true) {
            $fromM > 0.0 => NoCount::ShortAtBottom,
            $isShort => NoCount::ShortAtTop,
            $falls => NoCount::Drop,
            default => null,
        }];
    }

    /** @param  list<DrawnMove>  $moves */
    private static function lastS(array $moves): float
    {
        return array_sum(array_map(static fn (DrawnMove $move): float => $move->lastsS, $moves));
    }

    /**
     * @return array{list<float>, list<float>} heights in m over the hang and accelerations in m/s²
     */
    public function sampled(int $hz): array
    {
        $heights = $accelerations = [];
        $move = 0;
        $beganS = 0.0;
        for ($i = 0; $i < (int) floor($this->lastsS * $hz); $i++) {
            while ($move < count($this->moves) - 1 && $i / $hz >= $beganS + $this->moves[$move]->lastsS) {
                $beganS += $this->moves[$move++]->lastsS;
            }
            $heights[] = $this->moves[$move]->heightM($i / $hz - $beganS);
            $accelerations[] = $this->moves[$move]->acceleration($i / $hz - $beganS);
        }

        return [$heights, $accelerations];
    }
}
