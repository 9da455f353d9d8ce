<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use App\Actions\Calls\MakeCall;
use App\Actions\LockAthlete;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Changes an athlete's particulars, or sets them aside; the open call follows.
 */
final readonly class UpdateAthlete
{
    public function __construct(
        private LockAthlete $athletes,
        private MakeCall $calls,
        private WeighAthlete $weigh,
        private GymDay $days,
        private ClockInterface $clock,
    ) {
    }

    public function change(Athlete $athlete, AthleteParticulars $particulars): Athlete
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($particulars): Athlete {
            self::mustBeSomebody($athlete);
            if ($athlete->mass_kg !== $particulars->mass_kg) {
                $this->weigh->note($athlete, (string) Str::uuid7(), $this->days->today(), $particulars->mass_kg);
            }
            $athlete->fill($particulars->columns())->save();
            $this->calls->for($athlete, 'The body was changed.');

            return $athlete;
        });
    }

    /** Out of the roster and the waiting calls, or back into both; the log stays. */
    public function archive(Athlete $athlete, bool $archived): Athlete
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($archived): Athlete {
            self::mustBeSomebody($athlete);
            $athlete->fill(['archived_at' => $archived ? $athlete->archived_at ?? $this->clock->now() : null])->save();
            $archived ? CallRecord::openOf($athlete->id)?->delete() : $this->calls->for($athlete);

            return $athlete;
        });
    }

    private static function mustBeSomebody(Athlete $athlete): void
    {
        if ($athlete->erased_at !== null) {
            throw new Problem(ProblemCode::NotAllowed, 'Who this was is erased. What is left is nobody’s, and stays so.');
        }
    }
}
