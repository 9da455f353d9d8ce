<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\Stored\Damaged;
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
    private ?Kit $inUse = null;

    private ?string $ofGym = null;

    public function __construct(private readonly CurrentGym $gym)
    {
    }

    /** The core's kit of what is in use, read once a request; a piece that cannot be read is logged and left out. */
    public function inUse(): Kit
    {
        if ($this->inUse === null || $this->ofGym !== $this->gym->id()) {
            $this->ofGym = $this->gym->id();
            $gear = self::gear()->whereNull('retired_at')->limit(Kit::MOST_PIECES)->get();
            $bands = self::bands()->whereNull('retired_at')->limit(Kit::MOST_BANDS)->get();
            $this->inUse = Kit::of(self::readable([...array_values($gear->all()), ...array_values($bands->all())]), $this->gym->gym()->floor);
        }

        return $this->inUse;
    }

    /** Something in use was added, changed or retired. */
    public function changed(): void
    {
        $this->inUse = null;
        Gym::query()->whereKey($this->gym->id())->increment('kit_version');
        $this->gym->enter($this->gym->id());
    }

    /** The number of this kit; what was computed for another is void. */
    public function version(): int
    {
        return $this->gym->gym()->kit_version;
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

    /**
     * @param  list<Gear|Band>  $rows
     * @return \Generator<int, Bar|LoopBand|RingPair|Box|Plate|Weight|Machine>
     */
    private static function readable(array $rows): \Generator
    {
        foreach ($rows as $row) {
            try {
                yield $row->toCore();
            } catch (Damaged $damaged) {
                report($damaged);
            }
        }
    }
}
