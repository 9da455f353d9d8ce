<?php

declare(strict_types=1);

namespace App\Actions\Athletes;

use App\Context\Athletes\LoadEstimate;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Trend\Forecasts;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\ForecastRecord;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Forecast;

/**
 * Keeps what is foretold of an athlete, once a week, so that it can be held against what came.
 */
final readonly class StoreForecast
{
    private const EVERY_DAYS = 7;

    public function __construct(
        private CurrentGym $gym,
        private GymDay $days,
        private LoadEstimate $estimates,
        private Forecasts $forecasts,
    ) {
    }

    /** After the newest sets, as of the day somebody looks; what is logged late says nothing of what was foretold then. */
    public function of(Athlete $athlete, string $day, Pattern $pattern): void
    {
        $today = $this->days->today();
        if ($day !== $athlete->last_trained_on || ! in_array($pattern, Forecast::PATTERNS, true) || $this->isFresh($athlete, $pattern)) {
            return;
        }
        $ahead = $this->forecasts->ahead($athlete->id, $this->estimates->of($athlete->id, $pattern));
        $rows = [];
        foreach ($this->forecasts->of($athlete->id, $pattern, $ahead) as $forecast) {
            if (! $forecast->wasDone) {
                $rows[] = [
                    'gym_id' => $this->gym->id(),
                    'athlete_id' => $athlete->id,
                    'pattern' => $pattern->value,
                    'made_on' => $today,
                    'reps' => $forecast->reps,
                ]
                    + array_combine(
                        array_map(static fn (int $weeks): string => "within_$weeks", Forecast::HORIZONS),
                        array_map($forecast->within(...), Forecast::HORIZONS),
                    );
            }
        }
        ForecastRecord::query()->insertOrIgnore($rows);
    }

    private function isFresh(Athlete $athlete, Pattern $pattern): bool
    {
        return ForecastRecord::query()->where('athlete_id', $athlete->id)
            ->where('pattern', $pattern)
            ->where('made_on', '>', $this->days->daysAgo(self::EVERY_DAYS))
            ->exists();
    }
}
