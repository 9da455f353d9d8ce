<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Actions\Calls\RemakeCalls;
use App\Actions\LockAthlete;
use App\Actions\Log\LoadOfSet;
use App\Actions\RecalculateDue;
use App\Context\Gym\GymDay;
use App\Formats\Import\ImportKind;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\Weighing;
use App\Models\Import\Import;
use App\Models\Import\ImportLine;
use App\Models\Import\ImportMatch;
use App\Models\Log\LoggedSet;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Settles what the columns of a file tell, and brings its lines in: all of those that can be, in one transaction, by the queue.
 */
final readonly class BringRows
{
    public function __construct(
        private ConnectionInterface $db,
        private ReadImport $reading,
        private LockAthlete $athletes,
        private LoadOfSet $computed,
        private GymDay $days,
        private ClockInterface $clock,
        private Dispatcher $jobs,
        private RecalculateDue $due,
        private StorePieces $pieces,
        private RemakeCalls $calls,
        private ImportProgress $progress,
    ) {
    }

    /** @throws Problem if it was brought in already */
    public function settle(Import $import, MappingGiven $mapping): void
    {
        $this->db->transaction(function () use ($import, $mapping): void {
            $this->locked($import->id)->ordered_at === null || throw self::isOrdered();
            $import->fill(['mapping' => ['columns' => $mapping->columns, 'dates' => $mapping->dates->value]])->save();
            foreach ($mapping->matches as [$field, $text, $target]) {
                ImportMatch::query()->upsert(
                    [['gym_id' => $import->gym_id, 'field' => $field->value, 'text' => $text, 'target' => $target]],
                    ['gym_id', 'field', 'text'],
                    ['target'],
                );
            }
        });
    }

    /** Ordered once, however often it is asked for; one that stopped is begun anew, for nothing of it was stored. */
    public function order(Import $import): void
    {
        $this->db->transaction(function () use ($import): void {
            $locked = $this->locked($import->id);
            if ($locked->ordered_at === null || $locked->failed_at !== null) {
                $locked->fill(['ordered_at' => $this->clock->now(), 'failed_at' => null])->save();
                $this->jobs->dispatch(new BringRowsJob($locked->gym_id, $locked->id));
            }
        });
    }

    /** The job. */
    public function bring(string $importId): void
    {
        $changesKit = $this->db->transaction(function () use ($importId): bool {
            $import = $this->locked($importId);
            if ($import->ended_at !== null || $import->failed_at !== null) {
                return false;
            }
            $touched = new Touched;
            $lines = 0;
            foreach ($this->reading->parts($import, ImportNames::ofGym()) as $part) {
                $import->refused += count($part->refused);
                $import->known += $part->known;
                $import->taken += $this->store($import, $part->new, $touched);
                $this->progress->reached($import, $lines += count($part->lines));
            }
            $this->follow($import, $touched);
            ImportLine::query()->where('import_id', $import->id)->delete();
            $import->fill(['ended_at' => $this->clock->now()])->save();
            $this->progress->over($import);

            return $import->kind->isOfKit();
        });
        if ($changesKit) {
            $this->calls->now();
        }
    }

    public function stopped(string $importId): void
    {
        $import = Import::query()->findOrFail($importId);
        $this->progress->over($import);
        Import::query()->whereKey($importId)->whereNull('ended_at')->update(['failed_at' => $this->clock->now()]);
    }

    /** @param  array<string, ImportRow>  $new  by key */
    private function store(Import $import, array $new, Touched $touched): int
    {
        if ($new === []) {
            return 0;
        }
        if ($import->kind->isOfKit()) {
            return $this->pieces->store($import, $new);
        }
        $now = $this->clock->now()->format('Y-m-d H:i:s.uP');
        $own = ['gym_id' => $import->gym_id, 'import_id' => $import->id];
        $stamped = $import->kind === ImportKind::Sets
            ? ['user_id' => $import->user_id, 'logged_at' => $now]
            : ['created_at' => $now, 'updated_at' => $now];
        $count = RowIds::table($import->kind)->toBase()->insertOrIgnore(array_map(
            static fn (string $id, ImportRow $row): array => [...$row->columns, ...$own, ...$stamped, 'id' => $id],
            array_keys($new),
            $new,
        ));
        if ($import->kind === ImportKind::People) {
            $this->weighFirst($new, $own, $now);

            return $count;
        }
        $worn = [];
        foreach ($new as $id => $row) {
            $worn[] = [$id, $row->columns['trained_on'] ?? '', $row->bandIds];
            $touched->note(
                $row->columns['athlete_id'],
                $row->columns['trained_on'] ?? $row->columns['weighed_on'],
                $row->columns['pattern'] ?? null,
            );
        }
        $this->computed->noteWear($worn);

        return $count;
    }

    /**
     * The mass of who is new is their first weighing.
     *
     * @param  array<string, ImportRow>  $new
     * @param  array<string, string>  $own
     */
    private function weighFirst(array $new, array $own, string $now): void
    {
        Weighing::query()->toBase()->insertOrIgnore(array_map(fn (string $id, ImportRow $row): array => [
            ...$own, 'id' => $id, 'athlete_id' => $id, 'weighed_on' => $this->days->today(), 'mass_kg' => $row->columns['mass_kg'],
            'created_at' => $now, 'updated_at' => $now,
        ], array_keys($new), $new));
    }

    private function follow(Import $import, Touched $touched): void
    {
        foreach ($touched->inOrder() as $id => [$day, $patterns]) {
            $this->athletes->during($id, function (Athlete $athlete) use ($import, $day, $patterns): void {
                if ($import->kind === ImportKind::Weighings) {
                    $athlete->mass_kg = Weighing::latestFirst($athlete->id)->firstOrFail()->mass_kg;
                } else {
                    $athlete->last_trained_on = (string) LoggedSet::standing($athlete->id)->max('trained_on');
                }
                $this->due->byTheWorker($athlete, $day, $patterns);
            });
        }
    }

    private function locked(string $importId): Import
    {
        return Import::query()->lockForUpdate()->findOrFail($importId);
    }

    private static function isOrdered(): Problem
    {
        return new Problem(ProblemCode::IdTaken, 'This file was brought in already. Undo that first, or choose the file anew.');
    }
}
