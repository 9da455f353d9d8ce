<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Requests\AthleteInput;
use App\Models\Athlete;
use App\Models\GymDay;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;

/**
 * Changes an athlete's particulars; the open call follows the body.
 */
final readonly class ChangeAthlete
{
    public function __construct(private ConnectionInterface $db, private MakeCall $calls, private WeighAthlete $weigh, private GymDay $days)
    {
    }

    public function change(Athlete $athlete, AthleteInput $input): Athlete
    {
        return $this->db->transaction(function () use ($athlete, $input): Athlete {
            $athlete = Athlete::query()->lockForUpdate()->findOrFail($athlete->id);
            if ($athlete->mass_kg !== $input->mass_kg) {
                $this->weigh->note($athlete, (string) Str::uuid7(), $this->days->today(), $input->mass_kg);
            }
            $athlete->fill($input->columns())->save();
            $this->calls->for($athlete);

            return $athlete;
        });
    }
}
