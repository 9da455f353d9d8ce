<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

use SteadyRung\Middle;

/**
 * A smoothed curve and its levels; places are samples, counted from 0.
 */
final readonly class Curve
{
    /** A level is the mean of the middle half of what lies within this part of the way to it. */
    private const EDGE = 0.05;

    /** Beside the first and last top the curve is searched so long for the level that it keeps to. */
    private const BESIDE_S = 5.0;

    private const BIN_M = 0.03;

    /** @param  list<float>  $values */
    private function __construct(public array $values, private int $hz, public int $last)
    {
    }

    /** @param  list<float>  $values */
    public static function of(array $values, int $hz, float $cutHz): self
    {
        return new self(Smooth::of($values, $hz, $cutHz), $hz, count($values) - 1);
    }

    public function at(int $place): float
    {
        return $this->values[max(0, min($this->last, $place))] ?? 0.0;
    }

    public function lowest(int $from, int $to): int
    {
        $lowest = $from;
        for ($i = $from; $i <= $to; $i++) {
            $lowest = $this->at($i) < $this->at($lowest) ? $i : $lowest;
        }

        return $lowest;
    }

    /** So many samples between two places lie under a level. */
    public function under(float $from, float $to, float $level): float
    {
        $under = 0;
        for ($i = (int) ceil($from); $i < $to; $i++) {
            $under += (int) ($this->at($i) < $level);
        }

        return (float) $under;
    }

    /** The first place from one on, forth or back, that lies so high; the end where none does. */
    public function rising(float $from, Way $way, float $level): int
    {
        $i = (int) round($from);
        while ($i > 0 && $i < $this->last && $this->at($i) < $level) {
            $i += $way->value;
        }

        return $i;
    }

    /** The first place from one on that lies so low; the end where none does. */
    public function sinking(float $from, Way $way, float $level): int
    {
        $i = (int) round($from);
        while ($i > 0 && $i < $this->last && $this->at($i) > $level) {
            $i += $way->value;
        }

        return $i;
    }

    /** The mean of the middle half between two places. */
    public function middle(float $from, float $to): float
    {
        $quarter = ($to - $from) / 4.0;

        return Middle::mean(array_slice($this->values, (int) round($from + $quarter), max(1, (int) round(2.0 * $quarter))));
    }

    /** The level of the valley between two tops. */
    public function valley(int $one, int $other): float
    {
        $lowest = $this->lowest($one, $other);
        $level = $this->at($lowest);
        $high = min($this->at($one), $this->at($other));
        for ($pass = 0; $pass < 2; $pass++) {
            $edge = $level + self::EDGE * ($high - $level);
            $from = max($one, $this->rising($lowest, Way::Back, $edge));
            $to = min($other, $this->rising($lowest, Way::Forth, $edge));
            $level = $this->middle($from, $to);
        }

        return $level;
    }

    /** The level that the curve keeps to beside a top: the highest one at which it stays half as long as at any. */
    public function beside(int $top, Way $way): float
    {
        $end = $way === Way::Back ? 0 : $this->last;
        $low = $this->at($this->lowest(min($top, $end), max($top, $end)));
        $place = $this->sinking($top, $way, $low + 0.4 * ($this->at($top) - $low));
        $bins = [];
        for ($left = self::BESIDE_S * $this->hz; $left > 0.0 && $place >= 0 && $place <= $this->last; $left--, $place += $way->value) {
            $bins[(int) floor($this->at($place) / self::BIN_M)][] = $this->at($place);
        }
        $counts = array_map(count(...), $bins);
        krsort($counts);
        foreach ($counts as $bin => $count) {
            if (2 * $count >= max($counts) && ($counts[$bin - 1] ?? 0) <= $count) {
                return Middle::mean([...$bins[$bin + 1] ?? [], ...$bins[$bin], ...$bins[$bin - 1] ?? []]);
            }
        }

        return $low;
    }
}
