<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\Calls\RemakeCalls;
use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Context\Floor\ChangeFeed;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Kit\GymKit;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Kit\Floor;
use SteadyRung\Kit\Kit;

/**
 * Adds, changes or retires a piece of gear; the calls it touches are made anew afterwards.
 */
final readonly class ChangeGear
{
    public function __construct(
        private ConnectionInterface $db,
        private InsertOnce $storeOnce,
        private GymKit $kit,
        private CurrentGym $gym,
        private RemakeCalls $calls,
        private GymDay $days,
        private ChangeFeed $news,
    ) {
    }

    /**
     * @template T of Gear|Band
     *
     * @param  T  $gear
     * @return Inserted<T>
     *
     * @throws Problem if the kit is full
     */
    public function add(Gear|Band $gear, object $particulars): Inserted
    {
        $stored = $this->db->transaction(function () use ($gear, $particulars): Inserted {
            if (! $gear::query()->whereKey($gear->id)->exists()) {
                self::refuseMore($gear);
                self::refuseSameName($gear);
            }
            $stored = $this->storeOnce->store($gear, $particulars);
            if ($stored->isNew) {
                $this->kit->changed();
            }

            return $stored;
        });
        if ($stored->isNew) {
            $this->calls->afterKitChange();
        }

        return $stored;
    }

    /**
     * @param  array<string, mixed>  $columns
     *
     * @throws Problem if the kit is full
     */
    public function change(Gear|Band $gear, array $columns): void
    {
        $before = self::said($gear);
        $wasRetired = $gear->retired_at !== null;
        $gear->fill($columns);
        if (self::said($gear) == $before) {
            $gear->syncOriginal();

            return;
        }
        $this->db->transaction(function () use ($gear, $wasRetired): void {
            if ($wasRetired && $gear->retired_at === null) {
                self::refuseMore($gear);
            }
            if ($gear->retired_at === null) {
                self::refuseSameName($gear);
            }
            $gear->save();
            $this->kit->changed();
        });
        $this->calls->afterKitChange();
    }

    /**
     * Out of use for the day on which that is told, or back in it; what was told last stands, and the calls follow.
     *
     * @throws Problem if there is no such piece
     */
    public function outToday(GearTold $told): void
    {
        $piece = Gear::query()->find($told->gear_id)
            ?? Band::query()->find($told->gear_id)
            ?? throw new Problem(ProblemCode::NotFound, 'There is no such piece of gear.');
        $on = $told->out ? $this->days->of($told->told_at) : null;
        $changed = $this->db->transaction(function () use ($piece, $on, $told): bool {
            $stands = $piece::query()->whereKey($piece->id)
                ->where(static fn (Builder $q) => $q->whereNull('out_told_at')->orWhere('out_told_at', '<', $told->told_at))
                ->update(['out_on' => $on, 'out_told_at' => $told->told_at]);
            $changes = $stands === 1 && $piece->out_on !== $on;
            if ($changes) {
                $this->kit->outChanged();
                $this->news->tell(ChangeFeed::OF_GYM);
            }

            return $changes;
        });
        if ($changed) {
            $this->calls->afterKitChange();
        }
    }

    public function floor(Floor $floor): void
    {
        if ($this->gym->gym()->floor !== $floor) {
            $this->db->transaction(function () use ($floor): void {
                $this->gym->gym()->fill(['floor' => $floor])->save();
                $this->kit->changed();
            });
            $this->calls->afterKitChange();
        }
    }

    /** @return array<mixed> what a piece says of itself, whatever form it is kept in */
    private static function said(Gear|Band $gear): array
    {
        return [$gear->name, $gear->toCore(), $gear->retired_at?->getTimestamp()];
    }

    /** Two pieces of one name cannot be told apart on the floor. */
    private static function refuseSameName(Gear|Band $gear): void
    {
        $same = static fn (string $model): bool => $model::query()->whereNull('retired_at')
            ->whereKeyNot($gear->id)
            ->whereRaw('lower(name) = lower(?)', [$gear->name])
            ->exists();
        if ($same(Gear::class) || $same(Band::class)) {
            throw Problem::invalid('/name', "Another piece in use is called “{$gear->name}” already. Give this one a name of its own.");
        }
    }

    private static function refuseMore(Gear|Band $gear): void
    {
        $most = $gear instanceof Band ? Kit::MOST_BANDS : Kit::MOST_PIECES;
        if ($gear::query()->whereNull('retired_at')->count() >= $most) {
            throw new Problem(
                ProblemCode::KitFull,
                sprintf(
                    '%d %s are in use, and no more can be. Retire one first.',
                    $most,
                    $gear instanceof Band ? 'bands' : 'pieces of gear',
                ),
            );
        }
    }
}
