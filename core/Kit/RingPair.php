<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\OutOfRange;

/**
 * A pair of rings on straps, with the marks the straps can be set to.
 */
final readonly class RingPair
{
    public const ANCHOR_HEIGHT_M = [1.0, 6.0];

    public const STRAP_M = [0.0, 5.0];

    public const MOST_MARKS = 20;

    /** Rings lower than this over the floor are of no use. */
    public const LEAST_OVER_FLOOR_M = 0.15;

    /** @param  non-empty-list<float>  $strapsM anchor to ring, ascending */
    private function __construct(
        public string $id,
        public string $name,
        public float $anchorHeightM,
        public array $strapsM,
        public ?float $ratedKg,
    ) {
    }

    /**
     * Rings on an anchor 1–6 m high, with 1–20 strap lengths of 0–5 m from anchor to ring.
     *
     * @param  list<float>  $strapsM
     *
     * @throws OutOfRange if a figure is outside its range
     * @throws GearClash if a strap hangs to the floor
     */
    public static function of(string $id, string $name, float $anchorHeightM, array $strapsM, ?float $ratedKg = null): self
    {
        $strapsM = array_values(array_unique($strapsM));
        OutOfRange::guard([
            'anchor_height_m' => [$anchorHeightM, self::ANCHOR_HEIGHT_M],
            'strap_m' => [count($strapsM), [1.0, (float) self::MOST_MARKS]],
            'rated_kg' => [$ratedKg, Rated::KG],
        ]);
        foreach ($strapsM as $strapM) {
            OutOfRange::guard(['strap_m' => [$strapM, self::STRAP_M]]);
            if ($strapM > $anchorHeightM - self::LEAST_OVER_FLOOR_M) {
                throw GearClash::strapTooLong($strapM, $anchorHeightM, self::LEAST_OVER_FLOOR_M);
            }
        }
        sort($strapsM);
        assert($strapsM !== []);

        return new self($id, $name, $anchorHeightM, $strapsM, $ratedKg);
    }
}
