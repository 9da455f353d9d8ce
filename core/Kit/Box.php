<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\OutOfRange;

/**
 * A box to stand on or to put the heels on.
 */
final readonly class Box
{
    public const HEIGHT_M = [0.05, 1.5];

    private function __construct(public string $id, public string $name, public float $heightM, public ?float $ratedKg)
    {
    }

    /**
     * A box 0.05–1.5 m high.
     *
     * @throws OutOfRange if the height is outside
     */
    public static function of(string $id, string $name, float $heightM, ?float $ratedKg = null): self
    {
        OutOfRange::guard(['height_m' => [$heightM, self::HEIGHT_M], 'rated_kg' => [$ratedKg, Rated::KG]]);

        return new self($id, $name, $heightM, $ratedKg);
    }
}
