<?php

declare(strict_types=1);

namespace App\Actions;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Contracts\Debug\ExceptionHandler;
use SteadyRung\Exercise\Choices\Pattern;

/**
 * Follows what of the log was taken down and not followed yet: however many sets a class logs of an athlete, capacity,
 * forecast and call are made once, when somebody looks.
 */
final readonly class RecalculateDue
{
    /** News of longer ago than this are many days to follow: of everybody they are left to the worker. */
    private const AT_ONCE_DAYS = 400;

    public function __construct(
        private LockAthlete $athletes,
        private RefreshAthlete $refresh,
        private ExceptionHandler $faults,
        private CurrentGym $gym,
        private GymDay $days,
        private Dispatcher $jobs,
    ) {
    }

    /**
     * Notes that the log of a held athlete has news of a day.
     *
     * @param  list<Pattern>  $patterns  what the news speak of
     */
    public static function later(Athlete $athlete, string $day, array $patterns): void
    {
        $athlete->follow_from = $athlete->follow_from === null ? $day : min($athlete->follow_from, $day);
        $athlete->follow_patterns = array_values(array_unique([
            ...$athlete->follow_patterns,
            ...array_map(static fn (Pattern $p): string => $p->value, $patterns),
        ]));
        $athlete->save();
    }

    /**
     * The same for news that came with many others; a job follows them, if nobody looks first.
     *
     * @param  list<Pattern>  $patterns
     */
    public function byTheWorker(Athlete $athlete, string $day, array $patterns): void
    {
        self::later($athlete, $day, $patterns);
        $this->jobs->dispatch((new FollowLogJob($this->gym->id(), $athlete->id))->afterCommit());
    }

    public function of(Athlete $athlete): void
    {
        $from = $athlete->follow_from;
        if ($from === null) {
            return;
        }
        $patterns = array_map(Pattern::from(...), $athlete->follow_patterns);
        self::done($athlete);
        $this->refresh->from($athlete, $from, $patterns);
    }

    /** Everything stored was made anew. */
    public static function done(Athlete $athlete): void
    {
        $athlete->fill(['follow_from' => null, 'follow_patterns' => []])->save();
    }

    /**
     * One athlete, or everybody of the gym but those of whom news of long ago came; whether there was anything to follow.
     *
     * @param  string|null  $before  only where something of an earlier day is left
     */
    public function now(?string $athleteId = null, ?string $before = null): bool
    {
        $ids = Athlete::query()->whereNotNull('follow_from')
            ->when($athleteId !== null, static fn ($q) => $q->whereKey($athleteId))
            ->when($athleteId === null, fn ($q) => $q->where('follow_from', '>=', $this->days->daysAgo(self::AT_ONCE_DAYS)))
            ->when($before !== null, static fn ($q) => $q->where('follow_from', '<', $before))
            ->orderBy('id')->pluck('id');
        foreach ($ids as $id) {
            try {
                $this->athletes->quietly((string) $id, $this->of(...));
            } catch (\Throwable $fault) {
                $this->faults->report($fault); // one athlete's fault leaves the others' pages as they should be
            }
        }

        return $ids->isNotEmpty();
    }
}
