<?php

declare(strict_types=1);

namespace App\Actions\Gym;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\AthletesTell;
use App\Models\Gym\Gym;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\ConnectionInterface;

/**
 * Changes the gym's name and time zone, the coach's name, or the password; with a new password every other device is signed out.
 */
final readonly class ChangeSettings
{
    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private Hasher $hasher)
    {
    }

    public function gym(User $coach, string $gymName, string $timezone, string $coachName): User
    {
        return $this->db->transaction(function () use ($coach, $gymName, $timezone, $coachName): User {
            Gym::query()->findOrFail($this->gym->id())->fill(['name' => $gymName, 'timezone' => $timezone])->save();
            $coach->fill(['name' => $coachName])->save();

            return $coach->refresh();
        });
    }

    /** @param  list<AthletesTell>  $tells */
    public function athletesTell(array $tells): void
    {
        Gym::query()->findOrFail($this->gym->id())
            ->fill(['athletes_tell' => array_values(array_unique(array_map(static fn (AthletesTell $t): string => $t->value, $tells)))])
            ->save();
    }

    /** @throws Problem if the present password is another */
    public function password(User $coach, string $present, string $new, string $keptSession): void
    {
        if (! $this->hasher->check($present, $coach->password)) {
            throw new Problem(ProblemCode::WrongPassword, 'The present password is another. Nothing was changed.');
        }
        $this->db->transaction(function () use ($coach, $new, $keptSession): void {
            $coach->fill(['password' => $new])->save();
            $this->db->table('sessions')->where('user_id', $coach->id)->where('id', '<>', $keptSession)->delete();
            $this->db->table('known_devices')->where('user_id', $coach->id)->delete();
        });
    }
}
