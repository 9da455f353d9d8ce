<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Context\Gym\CurrentGym;
use App\Formats\Erase\ErasedPart;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;

/**
 * The rows of a table that are of one athlete, also where another row stands between.
 */
final readonly class RowsOfAthlete
{
    public function __construct(private CurrentGym $gym)
    {
    }

    public function of(ConnectionInterface $db, string $table, string $athleteId): Builder
    {
        $rows = $this->inGym($db, $table);
        if (! isset(ErasedPart::THROUGH[$table])) {
            return $rows->where($table === 'athletes' ? 'id' : 'athlete_id', $athleteId);
        }
        [$column, $through] = ErasedPart::THROUGH[$table];

        return $rows->whereIn($column, $this->inGym($db, $through)->where('athlete_id', $athleteId)->select('id'));
    }

    public function inGym(ConnectionInterface $db, string $table): Builder
    {
        return $db->table($table)->where("$table.gym_id", $this->gym->id());
    }
}
