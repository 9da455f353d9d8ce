<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

use SteadyRung\Gravity;

/**
 * Finds the hangs in what a bar carries, and how hard it was pulled.
 */
final readonly class ForceReader
{
    private const CUT_HZ = 6.0;

    /** Over half of bodyweight somebody hangs. */
    private const HANGS = 0.5;

    /** Under it for so long they do not: a fall is shorter. */
    private const OFF_S = 0.45;

    private const LEAST_S = 0.8;

    /** Getting on and off is no pull. */
    private const MOUNT_S = 0.3;

    /** @param  list<float>  $curve */
    private function __construct(private array $curve, private int $hz, private float $weightN)
    {
    }

    /** @param  list<float>  $forcesN */
    public static function of(array $forcesN, int $hz, float $massKg): self
    {
        return new self(Smooth::of($forcesN, $hz, self::CUT_HZ), $hz, $massKg * Gravity::M_PER_S2);
    }

    /** @return list<Hang> */
    public function hangs(): array
    {
        $hangs = [];
        $from = $off = null;
        foreach ([...$this->curve, ...array_fill(0, $this->hz, 0.0)] as $i => $forceN) {
            if ($forceN >= self::HANGS * $this->weightN) {
                $from ??= $i;
                $off = null;
            } elseif ($from !== null) {
                $off ??= $i;
                if ($i - $off > self::OFF_S * $this->hz) {
                    $hangs[] = new Hang($from / $this->hz, $off / $this->hz);
                    $from = $off = null;
                }
            }
        }

        return array_values(array_filter($hangs, static fn (Hang $hang): bool => $hang->endS - $hang->startS > self::LEAST_S));
    }

    /**
     * The hardest pull as a part of bodyweight, none without a hang.
     *
     * @param  list<Hang>  $hangs
     */
    public function peakShare(array $hangs): ?float
    {
        $peaks = array_map(fn (Hang $hang): float => max([0.0, ...array_slice(
            $this->curve,
            (int) (($hang->startS + self::MOUNT_S) * $this->hz),
            max(0, (int) (($hang->endS - $hang->startS - 2.0 * self::MOUNT_S) * $this->hz)),
        )]), $hangs);

        return $peaks === [] ? null : max($peaks) / $this->weightN;
    }
}
