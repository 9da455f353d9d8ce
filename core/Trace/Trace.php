<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

use SteadyRung\OutOfRange;

/**
 * What a sensor sent in a set: evenly spaced samples, a lost one null.
 */
final readonly class Trace
{
    public const HZ = [20, 200];

    public const MOST_SAMPLES = 60_000;

    public const MASS_KG = [20.0, 250.0];

    public const PULL_M = [0.2, 1.0];

    private const FORCE_N = [-5000.0, 20_000.0];

    private const HEIGHT_M = [-10.0, 10.0];

    /** @param  list<float|null>  $samples */
    private function __construct(public TraceKind $kind, public int $hz, public array $samples, public float $massKg, public ?float $pullM)
    {
    }

    /**
     * @param  list<float|null>  $samples  N or m
     * @param  float|null  $pullM  from hang to top
     *
     * @throws OutOfRange if a quantity is outside its range
     */
    public static function of(TraceKind $kind, int $hz, array $samples, float $massKg, ?float $pullM = null): self
    {
        $range = $kind === TraceKind::Force ? self::FORCE_N : self::HEIGHT_M;
        OutOfRange::guard(['hz' => [$hz, self::HZ], 'mass_kg' => [$massKg, self::MASS_KG], 'pull_m' => [$pullM, self::PULL_M]]);
        foreach ($samples as $i => $sample) {
            OutOfRange::guard(["samples/$i" => [$sample, $range]]);
        }

        return new self($kind, $hz, $samples, $massKg, $pullM);
    }
}
