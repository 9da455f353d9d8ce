<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Band;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\InWords;
use SteadyRung\Kit\Band\BandCalibration;
use SteadyRung\Kit\Band\CurveStatus;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Setup\DoesNotFit;
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
        $load = $help->carriedBy($body);
        if ($load instanceof DoesNotFit) {
            return new Explanation([], [$load->reason]);
        }
        $hang = BandHang::lengths($help, $body);

        return $body->whyPullDistance()
            ->then(new Explanation(array_merge(...array_map(static fn (BandPath $path): array => self::bandSteps($help, $path), $hang->paths))))
            ->then(new Explanation(self::loadSteps($load, $body, $hang->meanHelpN()), self::uncertainties($help, $body, $hang, $load), self::remedies($help)));
    }

    /** @return list<Step> */
    private static function bandSteps(BandHelp $help, BandPath $path): array
    {
        $band = $path->band;
        $words = match (true) {
            $path->kneesBendByM > 0.0 => sprintf('bar %s − %s clearance: too low for straight legs, knees bend', InWords::cm($help->barHeightM), InWords::cm($help->clearanceM)),
            $path->attach === Attach::Foot => 'reach, legs straight',
            default => 'reach − 0.255 × height, the loop below the knee',
        };
        $from = match ($band->status) {
            CurveStatus::Estimated => 'estimated from width and thickness',
            CurveStatus::OnePoint => 'usual shape through one length',
            CurveStatus::Measured => sprintf('through %d readings', count($band->points)),
        };
        $name = "Band $band->name";

        return [
            new Step("$name at the hang", $words, $path->bottomM, 'm', Proportions::SOURCE),
            new Step("$name at the top", 'at the hang − pull distance', $path->topM, 'm'),
            new Step("$name pulls at the hang", sprintf('stretch %.2f; curve %s, ± %.0f %% here', $path->stretch(), $from, 100 * $band->sdNAt($path->bottomM) / $band->law->forceN($path->bottomM)), CarriedLoad::kg($band->law->forceN($path->bottomM)), 'kg', self::LAW),
            new Step("$name pulls at the top", sprintf('stretch %.2f', max(1.0, $path->topM / $band->hungLengthM())), CarriedLoad::kg($band->law->forceN($path->topM)), 'kg', self::LAW),
        ];
    }

    /** @return list<Step> */
    private static function loadSteps(CarriedLoad $load, Body $body, float $meanHelpN): array
    {
        return [
            new Step('Mean help', 'work of the band over the pull ÷ pull distance', CarriedLoad::kg($meanHelpN), 'kg', 'closed form of the curve'),
            new Step('Carried, mean', sprintf('bodyweight %.1f kg − mean help', $body->massKg), CarriedLoad::kg($load->meanN), 'kg'),
            new Step('Carried share', 'carried ÷ bodyweight', 100 * $load->share(), '%'),
            new Step('Effective share', sprintf('on the way up rubber gives %.0f %% less than it took, and hands and forearms are not lifted: (%.3f × bodyweight − %.2f × help) ÷ (%.3f × bodyweight); reps are predicted from this', 100 * BandHelp::HYSTERESIS, Demand::LIFTED, 1.0 - BandHelp::HYSTERESIS, Demand::LIFTED), 100 * $load->effectiveShare(), '%', 'common practice, 5–10 %; segment table'),
            new Step('Shape', 'how much more it asks at the top than at the bottom', 100 * $load->demand->shape, '%'),
        ];
    }

    /** @return list<string> */
    private static function uncertainties(BandHelp $help, Body $body, BandHang $hang, CarriedLoad $load): array
    {
        return [sprintf(
            'Carried share ± %.1f points: ± %.1f kg from the band curve, ± %.1f kg from the reach.',
            100 * $load->shareSd, CarriedLoad::kg($hang->curveSdN()), CarriedLoad::kg($help->reachSdN($body, $hang)),
        )];
    }

    /** @return list<string> */
    private static function remedies(BandHelp $help): array
    {
        $unmeasured = array_filter(array_map(static fn (AttachedBand $b): LoopBand => $b->band, $help->bands), static fn (LoopBand $b): bool => $b->status !== CurveStatus::Measured);

        return array_values(array_map(
            static fn (LoopBand $b): string => sprintf('Measure band %s at two lengths, %s apart.', $b->name, InWords::cm(ceil(BandCalibration::APART * $b->hungLengthM() * 100.0) / 100.0)),
            $unmeasured,
        ));
    }
}
