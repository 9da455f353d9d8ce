<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use Illuminate\Database\ConnectionInterface;

/**
 * Does what is done to an athlete all at once or not at all, and one after the other.
 */
final readonly class HoldAthlete
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /**
     * @template T
     *
     * @param  \Closure(Athlete): T  $deed  with the athlete as they are now
     * @return T
     */
    public function during(string $athleteId, \Closure $deed): mixed
    {
        return $this->db->transaction(static fn (): mixed => $deed(Athlete::query()->lockForUpdate()->findOrFail($athleteId)));
    }
}
