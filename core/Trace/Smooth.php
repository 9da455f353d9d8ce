<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

/**
 * A low-pass that shifts nothing in time: a second-order Butterworth filter run forth and back (Butterworth 1930; Gustafsson 1996 for the ends).
 */
final class Smooth
{
    /** Two runs let less through than one: each is set higher by this (Winter 2009, 2.2.4.4). */
    private const TWICE = 0.802;

    /** So long the ends are mirrored, in periods of the cut-off. */
    private const MIRRORED = 1.5;

    /**
     * @param  list<float>  $values
     * @param  float  $cutHz  what swings faster is taken out
     * @return list<float>
     */
    public static function of(array $values, int $hz, float $cutHz): array
    {
        $last = count($values) - 1;
        if ($last < 0) {
            return [];
        }
        $pad = min($last, (int) ceil(self::MIRRORED * $hz / $cutHz));
        $mirrored = [];
        for ($i = $pad; $i > 0; $i--) {
            $mirrored[] = 2.0 * $values[0] - $values[$i];
        }
        array_push($mirrored, ...$values);
        for ($i = 1; $i <= $pad; $i++) {
            $mirrored[] = 2.0 * $values[$last] - $values[$last - $i];
        }
        $forth = self::once($mirrored, $hz, $cutHz);

        return array_slice(array_reverse(self::once(array_reverse($forth), $hz, $cutHz)), $pad, $last + 1);
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function once(array $values, int $hz, float $cutHz): array
    {
        $w = tan(M_PI * min(0.45, $cutHz / self::TWICE / $hz));
        $scale = 1.0 + M_SQRT2 * $w + $w * $w;
        $b = $w * $w / $scale;
        [$a1, $a2] = [2.0 * ($w * $w - 1.0) / $scale, (1.0 - M_SQRT2 * $w + $w * $w) / $scale];
        $x1 = $x2 = $y1 = $y2 = $values[0] ?? 0.0;
        $out = [];
        foreach ($values as $x) {
            $y = $b * ($x + 2.0 * $x1 + $x2) - $a1 * $y1 - $a2 * $y2;
            [$x2, $x1, $y2, $y1] = [$x1, $x, $y1, $y];
            $out[] = $y;
        }

        return $out;
    }
}
