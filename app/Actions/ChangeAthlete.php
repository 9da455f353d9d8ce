<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Requests\AthleteInput;
use App\Models\Athlete;
use Illuminate\Database\ConnectionInterface;

/**
 * Changes an athlete's particulars; the open call follows the body.
 */
final readonly class ChangeAthlete
{
    public function __construct(private ConnectionInterface $db, private MakeCall $calls)
    {
    }

    public function change(Athlete $athlete, AthleteInput $input): Athlete
    {
        return $this->db->transaction(function () use ($athlete, $input): Athlete {
            $athlete = Athlete::query()->lockForUpdate()->findOrFail($athlete->id);
            $athlete->fill($input->columns())->save();
            $this->calls->for($athlete);

            return $athlete;
        });
    }
}
