<?php

declare(strict_types=1);

namespace App\Context\Log;

use App\Formats\Day;
use App\Models\Log\LoggedSet;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Expression;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Plan\Diary\Past;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Strength\Tries;

/**
 * What lies before the last weeks of an athlete's log.
 */
final readonly class StoredPast implements Past
{
    public function __construct(private string $athleteId)
    {
    }

    public function begun(): ?int
    {
        return self::first(LoggedSet::standing($this->athleteId));
    }

    public function firstLowering(): ?int
    {
        return self::first(
            LoggedSet::standing($this->athleteId)->where('purpose', '<>', Purpose::Baseline)->where(
                new Expression("exercise->>'movement'"),
                'lowering',
            ),
        );
    }

    public function longestHangS(): ?float
    {
        return LoggedSet::bestHangS($this->athleteId);
    }

    public function tries(int $from): Tries
    {
        $sets = LoggedSet::standing($this->athleteId)->whereIn('pattern', [Pattern::Pull, Pattern::Chin])
            ->whereIn('purpose', [Purpose::Try, Purpose::Test])
            ->where('trained_on', '>', Day::date($from))
            ->orderBy('trained_on')
            ->orderBy('performed_at')
            ->get(['trained_on', 'clean_reps']);

        return new Tries(array_values(array_map(
            static fn (LoggedSet $s): array => [Day::number($s->trained_on), $s->clean_reps > 0],
            $sets->all(),
        )));
    }

    public function mostStrict(): int
    {
        return LoggedSet::strict($this->athleteId, Pattern::Pull)->orderByDesc('clean_reps')->first(['clean_reps'])->clean_reps ?? 0;
    }

    /** @param  Builder<LoggedSet>  $sets */
    private static function first(Builder $sets): ?int
    {
        $first = $sets->orderBy('trained_on')->first(['trained_on']);

        return $first === null ? null : Day::number($first->trained_on);
    }
}
