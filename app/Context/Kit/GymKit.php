<?php

declare(strict_types=1);

namespace App\Context\Kit;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Formats\Stored\Damaged;
use App\Formats\Stored\StoredExercise;
use App\Models\Gym\Gym;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Str;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;

/**
 * The gear of the current gym.
 */
final class GymKit
{
    /** @var array{string, Kit, Kit, list<string>}|null the gym and the day, its kit, what of it is in use today, what is not */
    private ?array $read = null;

    public function __construct(private readonly CurrentGym $gym, private readonly GymDay $days)
    {
    }

    /** The core's kit of what is in use today. */
    public function inUse(): Kit
    {
        return $this->read()[2];
    }

    /** The same with what is out of use for today only. */
    public function whole(): Kit
    {
        return $this->read()[1];
    }

    /** Only the pieces that an exercise names, what is out for today too: all that is needed to work it out. */
    public function of(Exercise $exercise): Kit
    {
        if ($this->read !== null) {
            return $this->whole();
        }
        $bandIds = $exercise->setup->bandIds();
        $ids = [];
        $named = StoredExercise::write($exercise);
        array_walk_recursive($named, static function (mixed $value) use (&$ids, $bandIds): void {
            if (is_string($value) && ! in_array($value, $bandIds, true) && Str::isUuid($value)) {
                $ids[] = $value;
            }
        });
        $rows = [
            ...$ids === [] ? [] : array_values(Gear::query()->whereNull('retired_at')->whereIn('id', $ids)->get()->all()),
            ...$bandIds === [] ? [] : array_values(Band::query()->whereNull('retired_at')->whereIn('id', $bandIds)->get()->all()),
        ];

        return Kit::of(self::readable($rows), $this->gym->gym()->floor);
    }

    /**
     * What is out of use for today only.
     *
     * @return list<string> ids, in order
     */
    public function outToday(): array
    {
        return $this->read()[3];
    }

    /** A piece was put out of use for today, or back. */
    public function outChanged(): void
    {
        $this->grow('gear_changes');
    }

    /** Something in use was added, changed or retired. */
    public function changed(): void
    {
        $this->grow('kit_version', 'gear_changes');
    }

    /** The number of this kit; what was computed for another is void. */
    public function version(): int
    {
        return $this->gym->gym()->kit_version;
    }

    private function grow(string ...$numbers): void
    {
        $this->read = null;
        Gym::query()->whereKey($this->gym->id())->incrementEach(array_fill_keys($numbers, 1));
        $this->gym->enter($this->gym->id());
    }

    /**
     * Read once a request; a piece that cannot be read is logged and left out.
     *
     * @return array{string, Kit, Kit, list<string>}
     */
    private function read(): array
    {
        $today = $this->days->today();
        $of = "{$this->gym->id()} $today";
        if ($this->read === null || $this->read[0] !== $of) {
            $gear = self::gear()->whereNull('retired_at')->limit(Kit::MOST_PIECES)->get();
            $bands = self::bands()->whereNull('retired_at')->limit(Kit::MOST_BANDS)->get();
            $rows = [...array_values($gear->all()), ...array_values($bands->all())];
            $floor = $this->gym->gym()->floor;
            $out = array_values(array_map(
                static fn (Gear|Band $r): string => $r->id,
                array_filter($rows, static fn (Gear|Band $r): bool => $r->out_on === $today),
            ));
            $whole = Kit::of(self::readable($rows), $floor);
            $in = $out === []
                ? $whole
                : Kit::of(
                    self::readable(array_values(array_filter($rows, static fn (Gear|Band $r): bool => $r->out_on !== $today))),
                    $floor,
                );
            sort($out);
            $this->read = [$of, $whole, $in, $out];
        }

        return $this->read;
    }

    /**
     * In use first, lowest and lightest first.
     *
     * @return Builder<Gear>
     */
    public static function gear(): Builder
    {
        return Gear::query()->orderByRaw('retired_at IS NOT NULL')->orderBy('kind')
            ->orderByRaw(
                "coalesce(figures->>'height_m', figures->>'anchor_height_m', figures->>'thickness_m', figures->>'mass_kg', figures->>'most_kg')::float",
            )
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
