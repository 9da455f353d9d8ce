<?php

declare(strict_types=1);

namespace SteadyRung\Simulation\Drawn;

use SteadyRung\Gravity;
use SteadyRung\Simulation\Draws;

/**
 * What a sensor makes of a drawn set: its noise and drift, the swing, samples that are lost and samples that are held.
 */
final readonly class DrawnTrace
{
    /**
     * @param  list<float|null>  $samples  N or m
     * @param  float|null  $peakShare  the hardest pull as a part of bodyweight; none of heights
     */
    private function __construct(public int $hz, public array $samples, public ?float $peakShare = null)
    {
    }

    /** Above an unknown floor. */
    public static function height(Draws $draws, DrawnSet $set): self
    {
        $hz = (int) round($draws->between(50.0, 100.0));
        [$heights] = $set->sampled($hz);
        [$offset, $noise] = [$draws->between(0.4, 1.8), $draws->between(0.01, 0.03)];
        $ripple = self::ripple($draws, 0.0075, $hz);
        $drift = self::drift($draws, 0.02, $set->lastsS, $hz);
        $samples = [];
        foreach ($heights as $i => $height) {
            $samples[] = round($offset + $height + $ripple($i) + $drift($i) + $noise * $draws->normal(), 4);
        }

        return new self($hz, self::spoilt($draws, $samples));
    }

    public static function force(Draws $draws, DrawnSet $set, float $massKg): self
    {
        $hz = (int) round($draws->between(50.0, 100.0));
        [$heights, $accelerations] = $set->sampled($hz);
        $noise = $draws->between(5.0, 20.0);
        $ripple = self::ripple($draws, 0.02 * $massKg * Gravity::M_PER_S2, $hz);
        $drift = self::drift($draws, 12.0, $set->lastsS, $hz);
        $samples = [];
        $peak = 0.0;
        foreach ($accelerations as $i => $a) {
            $on = max(0.0, min(1.0, ($i / $hz - $set->onS) / 0.25 + 0.5)) * max(0.0, min(1.0, ($set->offS - $i / $hz) / 0.1 + 0.5));
            $true = $on * $massKg * ($heights[$i] < -0.001 ? Gravity::M_PER_S2 : Gravity::M_PER_S2 + $a);
            $peak = max($peak, $true + $on * $ripple($i));
            $samples[] = round(max(-30.0, $true + $on * $ripple($i)) + $drift($i) + $noise * $draws->normal(), 1);
        }

        return new self($hz, self::spoilt($draws, $samples), $peak / ($massKg * Gravity::M_PER_S2));
    }

    /** @return \Closure(int): float */
    private static function ripple(Draws $draws, float $most, int $hz): \Closure
    {
        [$size, $perS, $phase] = [$most * $draws->uniform(), $draws->between(0.6, 1.0), 2.0 * M_PI * $draws->uniform()];

        return static fn (int $i): float => $size * sin(2.0 * M_PI * $perS * $i / $hz + $phase) * exp(-$i / $hz / 40.0);
    }

    /** @return \Closure(int): float */
    private static function drift(Draws $draws, float $most, float $lastsS, int $hz): \Closure
    {
        [$size, $turns, $phase] = [$most * $draws->uniform(), $draws->between(0.2, 0.8), 2.0 * M_PI * $draws->uniform()];

        return static fn (int $i): float => $size * sin(2.0 * M_PI * $turns * $i / $hz / $lastsS + $phase);
    }

    /**
     * @param  list<float>  $samples
     * @return list<float|null>
     */
    private static function spoilt(Draws $draws, array $samples): array
    {
        $count = count($samples);
        [$lost, $held] = [0.05 * $draws->uniform() * $count, 0.05 * $draws->uniform() * $count];
        $with = $draws->uniform() < 0.5 ? null : 0.0;
        while ($held > 0.0) {
            [$from, $length] = self::stretch($draws, $count);
            array_splice($samples, $from + 1, $length, array_fill(0, $length, $samples[$from]));
            $held -= $length;
        }
        while ($lost > 0.0) {
            [$from, $length] = self::stretch($draws, $count);
            array_splice($samples, $from, $length, array_fill(0, $length, $with));
            $lost -= $length;
        }

        return $samples;
    }

    /** @return array{int, int} where, and up to ten samples */
    private static function stretch(Draws $draws, int $count): array
    {
        return [(int) floor($draws->between(0.0, $count - 12.0)), (int) ceil(10.0 * $draws->uniform())];
    }
}
