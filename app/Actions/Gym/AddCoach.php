<?php

declare(strict_types=1);

namespace App\Actions\Gym;

use App\Actions\InsertOnce;
use App\Context\Gym\CurrentGym;
use App\Models\Gym\User;
use App\Problems\Problem;
use Illuminate\Database\ConnectionInterface;

/**
 * Takes one more coach into the gym, so that the log says who logged what; who came with an export is given a password.
 */
final readonly class AddCoach
{
    private const MOST = 50;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym)
    {
    }

    /** @throws Problem if the email has an account, the id is another's, or there are too many */
    public function take(CoachTaken $taken): User
    {
        return $this->db->transaction(function () use ($taken): User {
            $here = User::query()->where('gym_id', $this->gym->id())->where('email', $taken->email)->first();
            if ($here !== null && in_array($taken->id, [$here->id, $here->let_in_as], true)) {
                return $here;
            }
            if ($here?->password === User::NO_PASSWORD) {
                $here->fill(['name' => $taken->name, 'password' => $taken->password, 'let_in_as' => $taken->id])->save();

                return $here;
            }
            if ($here !== null) {
                throw Problem::invalid('/email', 'With this email there is an account already.');
            }
            if (User::query()->whereKey($taken->id)->exists()) {
                throw InsertOnce::taken();
            }
            if (User::query()->where('gym_id', $this->gym->id())->count() >= self::MOST) {
                throw Problem::invalid('/name', sprintf('%d coaches have an account, and no more can.', self::MOST));
            }

            return User::query()->create([
                'id' => $taken->id,
                'gym_id' => $this->gym->id(),
                'name' => $taken->name,
                'email' => $taken->email,
                'password' => $taken->password,
            ]);
        });
    }
}
