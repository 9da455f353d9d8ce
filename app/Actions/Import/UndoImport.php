<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Actions\Kit\ChangeGear;
use App\Actions\LockAthlete;
use App\Actions\RecalculateDue;
use App\Formats\Import\ImportKind;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\Weighing;
use App\Models\Gym\User;
use App\Models\Import\Import;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use App\Models\Log\LoggedSet;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use SteadyRung\Exercise\Choices\Pattern;

/**
 * Undoes what a file brought: sets and weighings are taken back by rows of their own, people are archived and gear is retired. What was corrected since stays
 * as it was corrected, and who trained since stays.
 */
final readonly class UndoImport
{
    public function __construct(
        private ConnectionInterface $db,
        private LockAthlete $athletes,
        private ClockInterface $clock,
        private RecalculateDue $due,
        private ChangeGear $gear,
    ) {
    }

    /** @throws Problem if it did not end */
    public function undo(Import $import, User $coach): void
    {
        $this->db->transaction(function () use ($import, $coach): void {
            $locked = Import::query()->lockForUpdate()->findOrFail($import->id);
            if ($locked->undone_at !== null) {
                return;
            }
            if ($locked->ended_at === null) {
                throw new Problem(ProblemCode::IdTaken, 'This file was not brought in, so there is nothing to undo.');
            }
            match ($locked->kind) {
                ImportKind::People => $this->people($locked),
                ImportKind::Weighings => $this->weighings($locked),
                ImportKind::Sets => $this->sets($locked, $coach),
                ImportKind::Gear => $this->pieces(Gear::query(), $locked),
                ImportKind::Bands => $this->pieces(Band::query(), $locked),
            };
            $locked->fill(['undone_at' => $this->clock->now()])->save();
        });
    }

    /** @param  Builder<Gear>|Builder<Band>  $kept */
    private function pieces(Builder $kept, Import $import): void
    {
        foreach ($kept->where('import_id', $import->id)->whereNull('retired_at')->get() as $piece) {
            $this->gear->change($piece, ['retired_at' => $this->clock->now()]);
        }
    }

    private function people(Import $import): void
    {
        Athlete::query()->where('import_id', $import->id)->whereNull('archived_at')
            ->whereNotExists(static fn ($sets) => $sets->selectRaw('1')->from('logged_sets')
                ->whereColumn('logged_sets.gym_id', 'athletes.gym_id')->whereColumn('logged_sets.athlete_id', 'athletes.id'))
            ->update(['archived_at' => $this->clock->now()]);
    }

    /** A weighing that is the only one of somebody stays. */
    private function weighings(Import $import): void
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s.uP');
        $brought = Weighing::query()->where('import_id', $import->id)->whereNull('replaces_id')->get();
        foreach ($brought->groupBy('athlete_id')->sortKeys() as $id => $ofAthlete) {
            $this->athletes->during((string) $id, function (Athlete $athlete) use ($import, $ofAthlete, $now): void {
                $standing = Weighing::latestFirst($athlete->id)->get();
                $taken = $standing->whereIn('id', $ofAthlete->modelKeys());
                $left = $standing->count() === $taken->count() ? $taken->skip(1) : $taken;
                Weighing::query()->insert($left->map(static fn (Weighing $w): array => [
                    'gym_id' => $import->gym_id,
                    'id' => (string) Str::uuid7(),
                    'athlete_id' => $athlete->id,
                    'weighed_on' => $w->weighed_on,
                    'mass_kg' => $w->mass_kg,
                    'replaces_id' => $w->id,
                    'created_at' => $now,
                    'updated_at' => $now,
                ])->values()->all());
                $athlete->mass_kg = Weighing::latestFirst($athlete->id)->firstOrFail()->mass_kg;
                $this->due->byTheWorker($athlete, (string) $ofAthlete->min('weighed_on'), []);
            });
        }
    }

    private function sets(Import $import, User $coach): void
    {
        $standing = LoggedSet::standingAnywhere()->where('import_id', $import->id);
        $touched = (clone $standing)->toBase()->groupBy('athlete_id')->orderBy('athlete_id')
            ->selectRaw("athlete_id, min(trained_on) AS first_on, string_agg(DISTINCT pattern, ',') AS patterns")->get();
        LoggedSet::query()->insertUsing(
            [
                'id', 'gym_id', 'athlete_id', 'user_id', 'replaces_id', 'withdrawn', 'purpose', 'performed_at', 'trained_on', 'mass_kg',
                'logged_at',
            ],
            $standing->toBase()->selectRaw(
                'gen_random_uuid(), gym_id, athlete_id, ?::uuid, id, true, purpose, performed_at, trained_on, mass_kg, ?::timestamptz',
                [$coach->id, $this->clock->now()->format('Y-m-d H:i:s.uP')],
            ),
        );
        foreach ($touched as $one) {
            $this->athletes->during((string) $one->athlete_id, function (Athlete $athlete) use ($one): void {
                $last = LoggedSet::standing($athlete->id)->max('trained_on');
                $athlete->last_trained_on = $last === null ? null : (string) $last;
                $this->due->byTheWorker($athlete, (string) $one->first_on, array_values(array_map(
                    Pattern::from(...),
                    array_filter(explode(',', (string) $one->patterns)),
                )));
            });
        }
    }
}
