<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Consent\ConsentRecord;
use App\Models\Gym\User;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;
use SteadyRung\Safety\Consent\Consent;

/**
 * Notes that consent was given, or taken back. What was kept until then stays until it is erased; a pause stays in any case.
 */
final readonly class NoteConsent
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private CurrentGym $gym,
        private GymDay $days,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Inserted<ConsentRecord>
     *
     * @throws Problem if the age is nobody's, somebody else has to give it, the words are others by now, or the id holds something else
     */
    public function give(Athlete $athlete, User $coach, ConsentGiven $given): Inserted
    {
        return $this->note($athlete, $coach, $given->id, $given, [
            'born_on' => $given->born_on,
            'by' => $given->by,
            'guardian' => $given->guardian,
            'words' => $given->words,
        ], fn () => $this->mustHold($given));
    }

    /**
     * @return Inserted<ConsentRecord>
     *
     * @throws Problem if there is none to take back, or the id holds something else
     */
    public function takeBack(Athlete $athlete, User $coach, ConsentTakenBack $back): Inserted
    {
        return $this->note($athlete, $coach, $back->id, $back, [], static function () use ($athlete): void {
            ConsentRecord::latest($athlete->id)?->by !== null
                || throw Problem::invalid('/id', 'There is no consent to take back.');
        });
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  \Closure(): void  $check
     * @return Inserted<ConsentRecord>
     */
    private function note(Athlete $athlete, User $coach, string $id, object $command, array $given, \Closure $check): Inserted
    {
        return $this->athletes->during($athlete->id, fn (Athlete $athlete): Inserted => $this->storeOnce->store(new ConsentRecord([
            'id' => $id,
            'athlete_id' => $athlete->id,
            'user_id' => $coach->id,
            'given_on' => $this->days->today(),
            'noted_at' => $this->clock->now(),
            ...$given,
        ]), $command, ['athlete' => $athlete->id], $check));
    }

    private function mustHold(ConsentGiven $given): void
    {
        $age = Consent::age($given->born_on, $this->days->today());
        [$least, $most] = Consent::AGE_YEARS;
        $consent = new Consent($given->born_on, $given->by, $given->words);
        match (true) {
            $age < $least || $age > $most => throw Problem::invalid('/born_on', "That would make them $age years old. Look at the year."),
            ! $consent->isFromWhoMay($this->days->today()) => throw Problem::invalid('/by', "At $age a guardian agrees for them."),
            $given->words !== $this->gym->gym()->consentWords() => throw Problem::invalid(
                '/words',
                'The words were changed meanwhile. Load the page and read them again.',
            ),
            default => null,
        };
    }
}
