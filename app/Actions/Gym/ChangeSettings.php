<?php

declare(strict_types=1);

namespace App\Actions\Gym;

use App\Actions\Staff\EndSessions;
use App\Context\Gym\CurrentGym;
use App\Formats\Erase\ErasedLog;
use App\Formats\Units\Units;
use App\Models\Gym\AthletesTell;
use App\Models\Gym\Gym;
use App\Models\Gym\RemindedBy;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\ConnectionInterface;
use SteadyRung\Floor\BoardNames;
use SteadyRung\Safety\Consent\ConsentRule;

/**
 * Changes what is set of the gym, the name of who is signed in, or the password; with a new password every other device is signed out.
 */
final readonly class ChangeSettings
{
    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private Hasher $hasher,
        private EndSessions $sessions,
    ) {
    }

    public function gym(User $member, string $gymName, string $timezone, Units $units): User
    {
        $this->settle(['name' => $gymName, 'timezone' => $timezone, 'mass_unit' => $units->mass, 'length_unit' => $units->length]);

        return $member->refresh();
    }

    public function name(User $member, string $name): User
    {
        $member->fill(['name' => $name])->save();

        return $member;
    }

    public function reminders(User $member, RemindedBy $by): User
    {
        $member->fill(['reminders' => $by])->save();

        return $member;
    }

    /** @param  list<AthletesTell>  $tells */
    public function athletesTell(array $tells): void
    {
        $this->settle(['athletes_tell' => array_values(array_unique(array_map(static fn (AthletesTell $t): string => $t->value, $tells)))]);
    }

    public function boardNames(BoardNames $names): void
    {
        $this->settle(['board_names' => $names]);
    }

    public function erasedLog(ErasedLog $log): void
    {
        $this->settle(['erased_log' => $log]);
    }

    /** @param  int|null  $keepYears  what was told of health is kept for; none: for good */
    public function healthRules(ConsentRule $consent, ?string $words, ?int $keepYears): void
    {
        $this->settle(['consent' => $consent, 'consent_words' => $words, 'keep_health_years' => $keepYears]);
    }

    /** @throws Problem if the present password is another */
    public function password(User $coach, string $present, string $new, string $keptSession): void
    {
        if (! $this->hasher->check($present, $coach->password)) {
            throw new Problem(ProblemCode::WrongPassword, 'The present password is another. Nothing was changed.');
        }
        $this->db->transaction(function () use ($coach, $new, $keptSession): void {
            $coach->fill(['password' => $new])->save();
            $this->sessions->of($coach, but: $keptSession);
        });
    }

    /** @param  array<string, mixed>  $changed */
    private function settle(array $changed): void
    {
        Gym::query()->findOrFail($this->gym->id())->fill($changed)->save();
    }
}
