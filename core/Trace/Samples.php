<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

use SteadyRung\Middle;

/**
 * The samples that can be believed: lost, held and jumping ones are taken out and bridged.
 */
final readonly class Samples
{
    /** Three equal ones running are held, unless the sensor's steps are so coarse that equal neighbours are common. */
    private const HELD = 3;

    private const COARSE = 0.2;

    /** Zeros of a force that last no longer are lost samples; longer ones are an empty bar. */
    private const LOST_S = 0.4;

    /** A sample so many times the usual step from the middle of its neighbours jumps. */
    private const JUMPS = 8.0;

    private const NEIGHBOURS = 4;

    /** However quiet the sensor, a body moves so far in those few. */
    private const MOVES_N = 250.0;

    private const MOVES_M = 0.1;

    /**
     * @param  list<float>  $values
     * @param  float  $missing  the part that was bridged
     */
    private function __construct(public array $values, public float $missing, public float $longestGapS)
    {
    }

    /** @param  list<float|null>  $samples */
    public static function of(array $samples, int $hz, TraceKind $kind): self
    {
        $kept = self::withoutZeros($samples, $kind === TraceKind::Height ? INF : self::LOST_S * $hz);
        $kept = self::withoutJumps(self::withoutHeld($kept), $kind === TraceKind::Force ? self::MOVES_N : self::MOVES_M);
        $lost = $gap = $longest = 0;
        foreach ($kept as $sample) {
            $gap = $sample === null ? $gap + 1 : 0;
            $lost += (int) ($sample === null);
            $longest = max($longest, $gap);
        }

        return new self(self::bridged($kept), $lost / count($samples), $longest / $hz);
    }

    /**
     * @param  list<float|null>  $samples
     * @return list<float|null>
     */
    private static function withoutZeros(array $samples, float $longest): array
    {
        $lost = $run = [];
        foreach ([...$samples, null] as $i => $sample) {
            if ($sample === 0.0) {
                $run[] = $i;
            } elseif ($run !== []) {
                array_push($lost, ...(count($run) <= $longest ? $run : []));
                $run = [];
            }
        }

        return self::without($samples, $lost);
    }

    /**
     * @param  list<float|null>  $samples
     * @return list<float|null>
     */
    private static function withoutHeld(array $samples): array
    {
        $held = [];
        $run = $equal = 0;
        foreach ($samples as $i => $sample) {
            $run = $i > 0 && $sample !== null && $sample === $samples[$i - 1] ? $run + 1 : 0;
            $equal += (int) ($run > 0);
            if ($run >= self::HELD - 1) {
                array_push($held, ...range($i - $run + 1, $i));
            }
        }

        return $equal <= self::COARSE * count($samples) ? self::without($samples, $held) : $samples;
    }

    /**
     * @param  list<float|null>  $samples
     * @return list<float|null>
     */
    private static function withoutJumps(array $samples, float $moves): array
    {
        $off = [];
        foreach ($samples as $i => $sample) {
            if ($sample !== null) {
                $around = array_slice($samples, max(0, $i - self::NEIGHBOURS), 2 * self::NEIGHBOURS + 1);
                $off[$i] = abs($sample - Middle::of(array_values(array_filter($around, static fn (?float $one): bool => $one !== null))));
            }
        }
        $most = max($moves, self::JUMPS * Middle::of(array_values($off)));
        $jump = array_filter($off, static fn (float $far): bool => $far > $most);

        return self::without($samples, array_keys($jump));
    }

    /**
     * @param  list<float|null>  $samples
     * @param  list<int>  $places
     * @return list<float|null>
     */
    private static function without(array $samples, array $places): array
    {
        $gone = array_flip($places);

        return array_map(
            static fn (?float $sample, int $i): ?float => isset($gone[$i]) ? null : $sample,
            $samples,
            array_keys($samples),
        );
    }

    /**
     * @param  list<float|null>  $samples
     * @return list<float> none where nothing is left
     */
    private static function bridged(array $samples): array
    {
        $values = [];
        $before = null;
        foreach ($samples as $i => $sample) {
            if ($sample === null) {
                continue;
            }
            for ($from = count($values); count($values) <= $i;) {
                $values[] = ($before ?? $sample) + ($sample - ($before ?? $sample)) * (count($values) - $from + 1) / ($i - $from + 1);
            }
            $before = $sample;
        }
        while ($before !== null && count($values) < count($samples)) {
            $values[] = $before;
        }

        return $values;
    }
}
