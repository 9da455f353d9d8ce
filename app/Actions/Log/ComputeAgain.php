<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Actions\RecalculateDue;
use App\Context\Log\OutdatedSets;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\Weighing;
use App\Models\Gym\User;
use App\Models\Kit\Band;
use App\Models\Log\LoggedSet;
use App\Models\Log\Recomputation;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use SteadyRung\CoreError;

/**
 * Computes sets again from the mass and the gear that stand now, some at a time: each as a new row that names the one it stands for, so
 * that the log keeps both and the order can be undone.
 */
final readonly class ComputeAgain
{
    /** Sets a job, which takes well under a second. */
    private const AT_A_TIME = 50;

    public function __construct(
        private ConnectionInterface $db,
        private InsertOnce $storeOnce,
        private LockAthlete $athletes,
        private LoadOfSet $loads,
        private ClockInterface $clock,
        private Dispatcher $jobs,
        private RecalculateDue $due,
    ) {
    }

    /**
     * @return Inserted<Recomputation>
     *
     * @throws Problem if it names not one thing, or one that is not there
     */
    public function order(User $coach, RecomputationOrdered $ordered): Inserted
    {
        return $this->db->transaction(function () use ($coach, $ordered): Inserted {
            $order = new Recomputation([
                ...get_object_vars($ordered),
                'user_id' => $coach->id,
                'sets' => 0,
                'made_at' => $this->clock->now(),
            ]);
            $stored = $this->storeOnce->store($order, $ordered, [], function () use ($order): void {
                $this->refuse($order);
                $order->sets = OutdatedSets::of($order)->count();
            });
            if ($stored->isNew) {
                $this->goOn($stored->record);
            }

            return $stored;
        });
    }

    /** An order that stopped goes on where it was. */
    public function resume(Recomputation $order): void
    {
        if ($order->failed_at !== null) {
            $order->fill(['failed_at' => null])->save();
            $this->goOn($order);
        }
    }

    /** One job of an order: the next sets after the last that was looked at, all at once or none. */
    public function someOf(string $orderId): void
    {
        $this->db->transaction(function () use ($orderId): void {
            $order = Recomputation::query()->lockForUpdate()->findOrFail($orderId);
            if ($order->ended_at !== null || $order->failed_at !== null) {
                return;
            }
            $sets = OutdatedSets::of($order)
                ->when($order->up_to !== null, static fn ($q) => $q->where('id', '>', $order->up_to))
                ->orderBy('id')
                ->limit(self::AT_A_TIME)
                ->get();
            foreach ($sets->groupBy('athlete_id')->sortKeys() as $athleteId => $ofAthlete) {
                $order->done += $done = $this->ofAthlete((string) $athleteId, $ofAthlete, $order);
                $order->left_out += $ofAthlete->count() - $done;
            }
            $order->up_to = $sets->last()->id ?? $order->up_to;
            $order->ended_at = $sets->count() < self::AT_A_TIME ? CarbonImmutable::instance($this->clock->now()) : null;
            $order->save();
            if ($order->ended_at === null) {
                $this->goOn($order);
            }
        });
    }

    public function stopped(string $orderId): void
    {
        Recomputation::query()->whereKey($orderId)->whereNull('ended_at')->update(['failed_at' => $this->clock->now()]);
    }

    /**
     * How many of them were computed again.
     *
     * @param  Collection<int, LoggedSet>  $sets
     */
    private function ofAthlete(string $athleteId, Collection $sets, Recomputation $order): int
    {
        return $this->athletes->during($athleteId, function (Athlete $athlete) use ($sets, $order): int {
            $days = $patterns = [];
            foreach ($sets as $set) {
                $again = $this->again($set, $athlete, $order);
                if ($again !== null) {
                    $days[] = $set->trained_on;
                    array_push($patterns, ...array_filter([$set->pattern, $again->pattern]));
                }
            }
            if ($days !== []) {
                $this->due->byTheWorker($athlete, min($days), $patterns);
            }

            return count($days);
        });
    }

    /** None where the set-up cannot be built any more. */
    private function again(LoggedSet $set, Athlete $athlete, Recomputation $order): ?LoggedSet
    {
        $again = $set->replicate()->fill([
            'id' => (string) Str::uuid7(),
            'fingerprint' => null,
            'replaces_id' => $set->id,
            'recomputation_id' => $order->id,
            'logged_at' => $this->clock->now(),
        ]);
        try {
            $this->compute($again, $set, $athlete, $order);
        } catch (Problem|CoreError) {
            return null;
        }
        $again->save();
        $this->loads->noteBands($again);

        return $again;
    }

    private function compute(LoggedSet $again, LoggedSet $set, Athlete $athlete, Recomputation $order): void
    {
        if ($order->undoes_id !== null) {
            $before = LoggedSet::query()->findOrFail($set->replaces_id);
            $again->fill($before->only(LoggedSet::COMPUTED));

            return;
        }
        $again->mass_kg = Weighing::massOn($athlete->id, $set->trained_on) ?? $set->mass_kg;
        $this->loads->fill($again, $athlete);
    }

    private function refuse(Recomputation $order): void
    {
        $of = array_filter([
            '/athlete_id' => [Athlete::class, $order->athlete_id],
            '/band_id' => [Band::class, $order->band_id],
            '/undoes_id' => [Recomputation::class, $order->undoes_id],
        ], static fn (array $one): bool => $one[1] !== null);
        if (count($of) !== 1) {
            throw Problem::invalid('/athlete_id', 'Name an athlete, a band or the order to be undone.');
        }
        [$model, $id] = reset($of);
        if ($model::query()->whereKey($id)->doesntExist()) {
            throw Problem::invalid((string) key($of), 'There is none of this id.');
        }
        if (
            $order->undoes_id !== null
            && Recomputation::query()->where('undoes_id', $order->undoes_id)->whereKeyNot($order->id)->exists()
        ) {
            throw new Problem(ProblemCode::IdTaken, 'This was undone already.');
        }
    }

    private function goOn(Recomputation $order): void
    {
        $this->jobs->dispatch(new ComputeSetsAgain($order->gym_id, $order->id));
    }
}
