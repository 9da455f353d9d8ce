<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\Calls\MakeCall;
use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Context\Screening\ConsentStates;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Screening\ScreeningRecord;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Psr\Clock\ClockInterface;

/**
 * Takes a screen down: what it leaves to do holds at once for every list of rungs, and pain it told pauses pulling.
 */
final readonly class ScreenAthlete
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private ReportPain $pain,
        private MakeCall $calls,
        private ConsentStates $consents,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Inserted<ScreeningRecord>
     *
     * @throws Problem if the id holds another screen, or the gym requires a consent that nobody gave
     */
    public function screen(Athlete $athlete, User $coach, ScreenTaken $taken): Inserted
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $taken): Inserted {
            $screening = $taken->toCore();
            $limits = $screening->limits();
            $found = ['limits' => array_column($limits->barred, 'value'), 'most_share' => $limits->mostShare];
            $stored = $this->storeOnce->store(new ScreeningRecord([
                'id' => $taken->id,
                'athlete_id' => $athlete->id,
                'user_id' => $coach->id,
                'answers' => ['given' => $taken->answers(), 'reasons' => $screening->reasons()],
                'outcome' => $screening->outcome(),
                'screened_at' => $this->clock->now(),
                ...$found,
            ]), $taken, ['athlete' => $athlete->id], fn () => $this->mustBeAgreedTo($athlete));
            if ($stored->isNew) {
                $athlete->fill([
                    'screened_at' => $stored->record->screened_at,
                    'screen_outcome' => $screening->outcome(),
                    'screen_limits' => $found['limits'],
                    'screen_most_share' => $found['most_share'],
                ])->save();
                $this->follow($athlete, $coach, $taken, $stored->record);
            }

            return $stored;
        });
    }

    private function mustBeAgreedTo(Athlete $athlete): void
    {
        ! $this->consents->isMissing($athlete->id) || throw new Problem(
            ProblemCode::ConsentMissing,
            'This gym keeps health answers only once somebody agreed to it. Note that first.',
        );
    }

    private function follow(Athlete $athlete, User $coach, ScreenTaken $taken, ScreeningRecord $record): void
    {
        if ($taken->pain === null) {
            $this->calls->for($athlete, 'The screen changed what is allowed.');

            return;
        }
        $this->pain->note($athlete, $coach, new PainTold($taken->id, $taken->pain), $record->screened_at);
    }
}
