<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\InWords;
use SteadyRung\Kit\CurveStatus;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * Tells how the carried load of a band set-up came about.
 */
final class BandWhy
{
    private const LAW = 'Mooney 1940, Rivlin 1948';

    public static function of(BandHelp $help, Body $body): Explanation
    {
        $hang = BandHang::of($help, $body);
        if ($hang instanceof DoesNotFit) {
            return new Explanation([], [$hang->reason]);
        }
        $load = $help->carriedBy($body);
        assert($load instanceof CarriedLoad);

        return $body->whyPullDistance()
            ->then(new Explanation(self::lengthSteps($help, $hang)))
            ->then(new Explanation(array_merge(...array_map(
                static fn (LoopBand $band): array => self::bandSteps($band, $hang),
                $help->bands,
            ))))
            ->then(new Explanation(self::loadSteps($load, $body, $help->meanHelpN($hang)), self::uncertainties($help, $body, $hang, $load), self::remedies($help)));
    }

    /** @return list<Step> */
    private static function lengthSteps(BandHelp $help, BandHang $hang): array
    {
        $words = $help->attach === Attach::Foot ? 'reach, legs straight' : 'reach − 0.285 × height';
        if ($hang->kneesBendByM > 0.0) {
            $words = sprintf('bar %s − %s clearance: too low for straight legs, knees bend', InWords::cm($help->barHeightM), InWords::cm($help->clearanceM));
        }

        return [
            new Step('Band at the hang', $words, $hang->bottomM, 'm', Proportions::SOURCE),
            new Step('Band at the top', 'band at the hang − pull distance', $hang->topM, 'm'),
        ];
    }

    /** @return list<Step> */
    private static function bandSteps(LoopBand $band, BandHang $hang): array
    {
        $from = match ($band->status) {
            CurveStatus::Estimated => 'estimated from width and thickness, ± 30 %',
            CurveStatus::OnePoint => 'usual shape through one reading, ± 12 %',
            CurveStatus::Measured => sprintf('through %d readings, ± 4 %% between them', count($band->points)),
        };
        $pull = sprintf('Band %s pulls', $band->name);

        return [
            new Step("$pull at the hang", sprintf('stretch %.2f; curve %s', $hang->bottomM / $band->hungLengthM(), $from), CarriedLoad::kg($band->law->forceN($hang->bottomM)), 'kg', self::LAW),
            new Step("$pull at the top", sprintf('stretch %.2f', max(1.0, $hang->topM / $band->hungLengthM())), CarriedLoad::kg($band->law->forceN($hang->topM)), 'kg', self::LAW),
        ];
    }

    /** @return list<Step> */
    private static function loadSteps(CarriedLoad $load, Body $body, float $meanHelpN): array
    {
        return [
            new Step('Mean help', 'work of the band over the pull ÷ pull distance', CarriedLoad::kg($meanHelpN), 'kg', 'closed form of the curve'),
            new Step('Carried, mean', sprintf('bodyweight %.1f kg − mean help', $body->massKg), CarriedLoad::kg($load->meanN), 'kg'),
            new Step('Carried share', 'carried ÷ bodyweight', 100 * $load->share(), '%'),
            new Step('Share on the way up', sprintf('rubber gives back %.0f %% less than it took; reps are predicted from this', 100 * BandHelp::HYSTERESIS), 100 * $load->ascentShare(), '%', 'common practice, 5–10 %'),
        ];
    }

    /** @return list<string> */
    private static function uncertainties(BandHelp $help, Body $body, BandHang $hang, CarriedLoad $load): array
    {
        return [sprintf(
            'Carried share ± %.1f points: ± %.1f kg from the band curve, ± %.1f kg from the reach.',
            100 * $load->shareSd, CarriedLoad::kg($help->curveSdN($hang)), CarriedLoad::kg($help->reachSdN($body, $hang)),
        )];
    }

    /** @return list<string> */
    private static function remedies(BandHelp $help): array
    {
        $unmeasured = array_filter($help->bands, static fn (LoopBand $b): bool => $b->status !== CurveStatus::Measured);

        return array_values(array_map(
            static fn (LoopBand $b): string => sprintf('Measure band %s at two or more lengths.', $b->name),
            $unmeasured,
        ));
    }
}
