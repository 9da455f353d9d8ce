<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\Day;
use App\Formats\JsonObject;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\OutOfRange;
use SteadyRung\Strength\Ahead;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\Mixture;
use SteadyRung\Strength\Filter\WeightedState;
use SteadyRung\Strength\Forecast;
use SteadyRung\Strength\ForecastVerdict;
use SteadyRung\Strength\RepPrediction;

/**
 * Answers what a log says: capacity, the reps to expect, and when more will come.
 */
final class CapacityAnswers
{
    private const MOST_CHANCES = 15;

    private const TARGET = [1.0, 100.0];

    private const EIGHTY = [0.1, 0.9];

    public static function capacity(JsonObject $request): object
    {
        $observed = Observed::read($request->allowing('observations', 'at'));
        $patterns = [];
        foreach ($observed->patterns() as $pattern) {
            $patterns[$pattern->value] = self::of($observed->state($pattern)->on($observed->day()));
        }

        return (object) ['patterns' => (object) $patterns];
    }

    public static function predict(JsonObject $request): object
    {
        $request->allowing('observations', 'at', 'pattern', 'load_kg', 'mass_kg', 'load_sd_share', 'setup', 'shape');
        $observed = Observed::read($request);
        $state = $observed->state($request->choice('pattern', Pattern::class))->on($observed->day());
        $prediction = RepPrediction::at($state, Observed::load($request));

        return (object) [
            'reps' => ['median' => $prediction->median(), 'low80' => $prediction->low80(), 'high80' => $prediction->high80()],
            'chances' => array_map(static fn (int $n): float => $prediction->chanceOf((float) $n), range(1, self::MOST_CHANCES)),
        ];
    }

    public static function forecast(JsonObject $request): object
    {
        $observed = Observed::read($request->allowing('observations', 'at', 'pattern', 'target_reps'));
        $pattern = $request->optionalChoice('pattern', Pattern::class) ?? Pattern::Pull;
        $reps = $request->integer('target_reps');
        $request->build(static fn () => OutOfRange::guard(['target_reps' => [$reps, self::TARGET]]));
        $forecast = Forecast::of(Ahead::of($observed->state($pattern), $observed->day()), $reps, $observed->hold($pattern, $reps));

        return (object) array_filter([
            'verdict' => $forecast->verdict()->value,
            'chance_by_week' => $forecast->chances(),
            'median_on' => self::date($observed, $forecast, 0.5),
            'low80_on' => self::date($observed, $forecast, self::EIGHTY[0]),
            'high80_on' => self::date($observed, $forecast, self::EIGHTY[1]),
            'limit' => $forecast->limit() ?? false,
        ], static fn (mixed $value): bool => $value !== false);
    }

    private static function of(CapacityState $today): object
    {
        $trend = $today->trend();

        return (object) [
            'share' => ['mean' => $today->share(), 'low80' => $today->low80(), 'high80' => $today->high80()],
            'trend_per_week' => self::interval($trend),
            'k' => self::interval($today->k()),
        ];
    }

    /** @return array<string, float> */
    private static function interval(Mixture|WeightedState $of): array
    {
        return ['mean' => $of->mean(), 'low80' => $of->quantile(self::EIGHTY[0]), 'high80' => $of->quantile(self::EIGHTY[1])];
    }

    private static function date(Observed $observed, Forecast $forecast, float $chance): ?string
    {
        $weeks = $forecast->verdict() === ForecastVerdict::Reached ? null : $forecast->weeksUntil($chance);

        return $weeks === null ? null : Day::date($observed->day() + (int) ceil(7.0 * $weeks));
    }
}
