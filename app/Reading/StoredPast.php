<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Day;
use App\Models\LoggedSet;
use SteadyRung\Exercise\Pattern;
use SteadyRung\Plan\Past;
use SteadyRung\Plan\Purpose;

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
        return self::day(LoggedSet::standing($this->athleteId)->min('trained_on'));
    }

    public function firstLowering(): ?int
    {
        return self::day(LoggedSet::standing($this->athleteId)->whereRaw("exercise->>'movement' = 'lowering'")->where('purpose', '<>', Purpose::Baseline)->min('trained_on'));
    }

    public function longestHangS(): ?float
    {
        return LoggedSet::bestHangS($this->athleteId);
    }

    public function mostStrict(): int
    {
        return (int) LoggedSet::strict($this->athleteId, Pattern::Pull)->max('clean_reps');
    }

    private static function day(mixed $date): ?int
    {
        return is_string($date) ? Day::number($date) : null;
    }
}
