<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Athletes\StoreForecast;
use App\Actions\Athletes\UpdateCapacity;
use App\Actions\Calls\MakeCall;
use App\Actions\Screening\WatchPain;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\CapacityRecord;
use SteadyRung\Exercise\Choices\Pattern;

/**
 * Everything that follows from an athlete's log, from a day on.
 */
final readonly class RefreshAthlete
{
    public function __construct(
        private UpdateCapacity $capacity,
        private StoreForecast $forecasts,
        private WatchPain $pain,
        private MakeCall $calls,
    ) {
    }

    /** After pain was told or cleared. */
    public function fromPain(Athlete $athlete): void
    {
        $this->pain->of($athlete);
        $this->calls->for($athlete);
    }

    /** @param  list<Pattern>|null  $patterns  what the sets in question speak of; everything is followed anew if nobody says */
    public function from(Athlete $athlete, string $day, ?array $patterns = null): void
    {
        $followed = $patterns ?? Pattern::cases();
        if ($patterns === null) {
            CapacityRecord::query()->where('athlete_id', $athlete->id)->where('trained_on', '>=', $day)->delete();
        }
        $this->capacity->from($athlete, $day, ...$followed);
        foreach ($followed as $pattern) {
            $this->forecasts->of($athlete, $day, $pattern);
        }
        if ($patterns === null) {
            $this->pain->of($athlete);
        }
        $this->calls->for($athlete);
    }
}
