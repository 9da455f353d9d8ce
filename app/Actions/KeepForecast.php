<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use App\Models\CurrentGym;
use App\Models\ForecastRecord;
use App\Models\GymDay;
use App\Reading\Believed;
use App\Reading\ForecastReading;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Forecast;

/**
 * Keeps what is foretold of an athlete, once a week, so that it can be held against what came.
 */
final readonly class KeepForecast
{
    private const EVERY_DAYS = 7;

    public function __construct(private CurrentGym $gym, private GymDay $days, private Believed $believed, private ForecastReading $forecasts)
    {
    }

    /** After the newest sets, as of the day somebody looks; what is logged late says nothing of what was foretold then. */
    public function of(Athlete $athlete, string $day, Pattern $pattern): void
    {
        $today = $this->days->today();
        if ($day !== $athlete->last_trained_on || ! in_array($pattern, Forecast::PATTERNS, true) || $this->isFresh($athlete, $pattern)) {
            return;
        }
        $belief = $this->believed->of($athlete->id, $pattern);
        $rows = [];
        foreach ($this->forecasts->all($athlete->id, $pattern, $belief) as $reps => $forecast) {
            if (! $forecast->wasDone) {
                $rows[] = ['gym_id' => $this->gym->id(), 'athlete_id' => $athlete->id, 'pattern' => $pattern->value, 'made_on' => $today, 'reps' => $reps]
                    + array_combine(array_map(static fn (int $weeks): string => "within_$weeks", Forecast::HORIZONS), array_map($forecast->within(...), Forecast::HORIZONS));
            }
        }
        ForecastRecord::query()->insertOrIgnore($rows);
    }

    private function isFresh(Athlete $athlete, Pattern $pattern): bool
    {
        return ForecastRecord::query()->where('athlete_id', $athlete->id)->where('pattern', $pattern)->where('made_on', '>', $this->days->daysAgo(self::EVERY_DAYS))->exists();
    }
}
