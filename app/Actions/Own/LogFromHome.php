<?php

declare(strict_types=1);

namespace App\Actions\Own;

use App\Actions\Inserted;
use App\Actions\Log\LogSet;
use App\Actions\Log\WithdrawSet;
use App\Models\Athletes\Athlete;
use App\Models\Log\LoggedSet;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\Eloquent\Builder;
use Psr\Clock\ClockInterface;
use SteadyRung\CoreError;
use SteadyRung\Plan\Diary\Purpose;

/**
 * Takes into the log what an athlete did by themselves in the last two days, and out again what they mistyped.
 */
final readonly class LogFromHome
{
    private const LATEST_S = 300;

    private const OLDEST_S = 172800;

    private const MOST_IN_THAT_TIME = 60;

    public function __construct(private LogSet $log, private WithdrawSet $withdraw, private ClockInterface $clock)
    {
    }

    /**
     * @return Inserted<LoggedSet>
     *
     * @throws Problem if pulling is paused, it is too long ago, or too many came already
     * @throws CoreError if the gear cannot make the set-up
     */
    public function log(Athlete $athlete, HomeSet $set): Inserted
    {
        $ageS = $this->clock->now()->getTimestamp() - $set->performed_at->getTimestamp();
        if ($ageS > self::OLDEST_S || $ageS < -self::LATEST_S) {
            throw new Problem(ProblemCode::NotAllowed, 'Only sets of the last two days can be logged here. Tell your coach of others.');
        }
        $others = $this->lately($athlete)->whereKeyNot($set->id)->limit(self::MOST_IN_THAT_TIME)->count();
        if ($others >= self::MOST_IN_THAT_TIME) {
            throw new Problem(
                ProblemCode::TooManyTries,
                sprintf('%d sets in two days are all that is taken here.', self::MOST_IN_THAT_TIME),
            );
        }

        return $this->log->log($athlete->id, null, $set->done());
    }

    /** @throws Problem if it is not theirs, or was taken back already */
    public function takeBack(Athlete $athlete, string $setId, string $id): void
    {
        $this->lately($athlete)->whereKey($setId)->exists()
            || LoggedSet::query()->whereKey($id)->exists()
            || throw new Problem(ProblemCode::NotFound, 'Only your own sets of the last two days can be taken back here.');
        $this->withdraw->withdraw($athlete, $setId, null, $id);
    }

    /** @return Builder<LoggedSet> */
    private function lately(Athlete $athlete): Builder
    {
        $from = $this->clock->now()->modify(sprintf('-%d seconds', self::OLDEST_S));

        return LoggedSet::standing($athlete->id)->where('purpose', Purpose::Home)->whereNull('user_id')->where('performed_at', '>=', $from);
    }
}
