<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;

/**
 * The gear of the current gym.
 */
final class GymKit
{
    /** More bands, and more other pieces, than this no gym has in use. */
    public const MOST_BANDS = 100;

    public const MOST_PIECES = 200;

    /** The core's kit of what is in use. */
    public function inUse(): Kit
    {
        $gear = self::gear()->whereNull('retired_at')->limit(self::MOST_PIECES)->get();
        $bands = self::bands()->whereNull('retired_at')->limit(self::MOST_BANDS)->get();

        return Kit::of([
            ...$gear->map(static fn (Gear $gear): Bar|RingPair|Box|Plate|Weight|Machine => $gear->toCore()),
            ...$bands->map(static fn (Band $band): LoopBand => $band->toCore()),
        ]);
    }

    /**
     * In use first, lowest and lightest first.
     *
     * @return Builder<Gear>
     */
    public static function gear(): Builder
    {
        return Gear::query()->orderByRaw('retired_at IS NOT NULL')->orderBy('kind')
            ->orderByRaw("coalesce(figures->>'height_m', figures->>'anchor_height_m', figures->>'thickness_m', figures->>'mass_kg', figures->>'most_kg')::float")
            ->orderBy('name')->orderBy('id');
    }

    /** @return Builder<Band> */
    public static function bands(): Builder
    {
        return Band::query()->orderByRaw('retired_at IS NOT NULL')->orderBy('width_mm')->orderBy('name')->orderBy('id');
    }
}
