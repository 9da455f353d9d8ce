<?php

declare(strict_types=1);

namespace App\Actions\Gym;

use App\Models\Gym\Gym;
use App\Models\Gym\Role;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;

/**
 * Makes the first gym and its coach, once, on an install that has none.
 */
final readonly class FoundGym
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @throws Problem if there is a gym already */
    public function found(GymFounded $command): User
    {
        return $this->db->transaction(function () use ($command): User {
            $this->db->statement('LOCK TABLE gyms IN SHARE ROW EXCLUSIVE MODE');
            if (Gym::query()->exists()) {
                throw new Problem(ProblemCode::Founded, 'There is a gym here already. Sign in with its account.');
            }
            $gym = Gym::query()->create([
                'id' => (string) Str::uuid7(),
                'name' => $command->gym_name,
                'timezone' => $command->timezone,
                'mass_unit' => $command->mass_unit,
                'length_unit' => $command->length_unit,
            ]);

            return User::query()->create([
                'id' => (string) Str::uuid7(),
                'gym_id' => $gym->id,
                'name' => $command->coach_name,
                'email' => $command->email,
                'password' => $command->password,
                'role' => Role::Owner,
            ]);
        });
    }
}
