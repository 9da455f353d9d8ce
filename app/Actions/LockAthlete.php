<?php

declare(strict_types=1);

namespace App\Actions;

use App\Context\Floor\ChangeFeed;
use App\Models\Athletes\Athlete;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;

/**
 * Does what is done to an athlete all at once or not at all, and one after the other.
 */
final readonly class LockAthlete
{
    public function __construct(private ConnectionInterface $db, private ChangeFeed $news)
    {
    }

    /**
     * @template T
     *
     * @param  \Closure(Athlete): T  $action  with the athlete as they are now
     * @return T
     *
     * @throws Problem if there is no such athlete here
     */
    public function during(string $athleteId, \Closure $action): mixed
    {
        return $this->quietly($athleteId, function (Athlete $athlete) use ($action): mixed {
            $outcome = $action($athlete);
            $this->news->tell($athlete->id);

            return $outcome;
        });
    }

    /**
     * The same where nothing new comes of it for anybody who looks on.
     *
     * @template T
     *
     * @param  \Closure(Athlete): T  $action
     * @return T
     */
    public function quietly(string $athleteId, \Closure $action): mixed
    {
        return $this->db->transaction(
            static fn (): mixed => $action(Athlete::query()->lockForUpdate()->find($athleteId) ?? throw self::unknown()),
        );
    }

    public static function unknown(): Problem
    {
        return new Problem(ProblemCode::NotFound, 'This athlete is not in your gym.');
    }
}
