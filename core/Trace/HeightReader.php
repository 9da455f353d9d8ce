<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

use SteadyRung\Middle;
use SteadyRung\Plan\Diary\NoCount;

/**
 * Finds the reps in heights over an unknown floor.
 */
final readonly class HeightReader
{
    private const FINDS_HZ = 2.5;

    /** The edges of quick reps are read from a curve that follows them, those of slow ones from a calmer one. */
    private const QUICK_HZ = 5.0;

    private const CALM_HZ = 1.2;

    private const QUICK_S = 0.7;

    private const LEAST_M = 0.14;

    /** A side of a rep that lies so near the hang is the hang, with its drift. */
    private const HANG_M = 0.04;

    /** A rep that comes less high than this part of the set's upper quartile is short at the top. */
    private const HIGH = 0.83;

    private const UPPER = 0.75;

    /** One that begins higher than this part of it is short at the bottom. */
    private const LOW = 0.15;

    /** Who comes down quicker falls. */
    private const FALLS_S = 0.4;

    /** A normal's standard deviation in its median distances. */
    private const SD = 1.4826;

    /** @param  list<float>  $heights */
    private function __construct(private array $heights, private Curve $finds, private Curve $quick, private Curve $calm, private int $hz)
    {
    }

    /** @param  list<float>  $heights  m */
    public static function of(array $heights, int $hz): self
    {
        $curve = static fn (float $cutHz): Curve => Curve::of($heights, $hz, $cutHz);

        return new self($heights, $curve(self::FINDS_HZ), $curve(self::QUICK_HZ), $curve(self::CALM_HZ), $hz);
    }

    /** What is left of the heights beside the quickest curve, as a standard deviation. */
    public function scatterM(): float
    {
        $off = array_map(static fn (float $height, float $smooth): float => abs($height - $smooth), $this->heights, $this->quick->values);

        return self::SD * Middle::of($off);
    }

    /**
     * @param  float|null  $pullM  the athlete's whole way; without it the set's own upper quartile stands for it
     * @return list<TracedRep>
     */
    public function reps(?float $pullM): array
    {
        $tops = Zigzag::tops($this->finds->values, self::LEAST_M);
        $hangM = $this->hangM($tops);
        $tops = array_values(array_filter($tops, fn (int $top): bool => $this->finds->at($top) - $hangM >= self::LEAST_M));
        $edges = $begins = [];
        foreach ($tops as $i => $top) {
            $begins[] = $left = $this->side($hangM, $tops[$i - 1] ?? null, $top, Way::Back);
            $right = $this->side($hangM, $top, $tops[$i + 1] ?? null, Way::Forth);
            $edges[] = $this->edges($tops[$i - 1] ?? 0, $top, $tops[$i + 1] ?? $this->finds->last, $left, $right);
        }
        $full = self::fullM(array_map(static fn (Edges $one): float => $one->levelM - $hangM, $edges), $pullM);

        return array_map(fn (Edges $one, float $begins): TracedRep => new TracedRep(
            $one->start / $this->hz,
            $one->up / $this->hz,
            $one->lowers / $this->hz,
            $one->end / $this->hz,
            $this->why($one, $begins - $hangM, $one->levelM - $hangM, $full),
        ), $edges, $begins);
    }

    private function why(Edges $edges, float $beginsM, float $risesM, float $fullM): ?NoCount
    {
        return match (true) {
            $beginsM > self::LOW * $fullM => NoCount::ShortAtBottom,
            $risesM < self::HIGH * $fullM => NoCount::ShortAtTop,
            $edges->end - $edges->lowers < self::FALLS_S * $this->hz => NoCount::Drop,
            default => null,
        };
    }

    /**
     * A set whose better reps are all short of the athlete's way is held against that way.
     *
     * @param  list<float>  $risesM
     */
    private static function fullM(array $risesM, ?float $pullM): float
    {
        $better = Middle::at($risesM, self::UPPER);

        return $pullM !== null && $better < self::HIGH * $pullM ? $pullM : $better;
    }

    private function edges(int $before, int $top, int $after, float $leftM, float $rightM): Edges
    {
        $edges = Edges::of($this->finds, $before, $top, $after, $leftM, $rightM);
        $curve = $edges->quickest() < self::QUICK_S * $this->hz ? $this->quick : $this->calm;

        return Edges::of($curve, $before, $top, $after, $leftM, $rightM);
    }

    /** The level that a rep begins from or ends at. */
    private function side(float $hangM, ?int $one, ?int $other, Way $way): float
    {
        if ($one !== null && $other !== null) {
            return max($hangM - self::HANG_M, $this->finds->valley($one, $other));
        }
        $beside = $this->finds->beside($one ?? $other ?? 0, $way);

        return abs($beside - $hangM) < self::HANG_M ? $beside : $hangM;
    }

    /** @param  list<int>  $tops */
    private function hangM(array $tops): float
    {
        if ($tops === []) {
            return 0.0;
        }
        $sides = [$this->finds->beside($tops[0], Way::Back), $this->finds->beside($tops[count($tops) - 1], Way::Forth)];
        $valleys = array_map($this->finds->valley(...), array_slice($tops, 0, -1), array_slice($tops, 1));

        return $valleys === [] ? max($sides) : Middle::at([...$valleys, ...$sides], 0.4);
    }
}
