<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

use SteadyRung\Strength\Reps\RepCurve;

/**
 * One guess at what no set says by itself: how an athlete's reps follow the load, and how much the form of the day swings.
 */
final readonly class Hypothesis
{
    private const K = [15.0, 18.3, 22.4, 27.4, 33.5, 40.9, 50.0];

    private const SPREAD_OF_LOG_K = 0.28;

    /** Day form in log capacity, and how often it is so (prototypes). */
    private const FORMS = [[0.025, 0.25], [0.035, 0.45], [0.055, 0.20], [0.080, 0.10]];

    private function __construct(public RepCurve $curve, public float $formSd, public float $logWeight)
    {
    }

    public static function of(float $k, float $formSd, float $weight = 1.0): self
    {
        return new self(RepCurve::steady($k), $formSd, log($weight));
    }

    /** @return non-empty-list<self> every pair of k and form, weighed by how common both are */
    public static function all(): array
    {
        $all = [];
        foreach (self::K as $k) {
            foreach (self::FORMS as [$form, $common]) {
                $all[] = self::of($k, $form, $common * exp(-log($k / RepCurve::USUAL_K) ** 2 / (2.0 * self::SPREAD_OF_LOG_K ** 2)));
            }
        }

        return $all;
    }
}
