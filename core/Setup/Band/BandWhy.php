<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Band;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\InWords;
use SteadyRung\Kit\Band\BandCalibration;
use SteadyRung\Kit\Band\CurveStatus;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Band\RubberLaw;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * Tells how the carried load of a band set-up came about.
 */
final readonly class BandWhy
{
    private const LAW = 'Mooney 1940, Rivlin 1948';

    private const SAME_M = 0.0005;

    public function __construct(private float $barHeightM, private float $clearanceM, private Body $body)
    {
    }

    /** @param  float  $reachSdN  of the mean help, from the reach */
    public function of(BandHang $hang, CarriedLoad $load, float $reachSdN): Explanation
    {
        return $this->body->whyPullDistance()
            ->then(new Explanation(array_merge(...array_map($this->bandSteps(...), $hang->paths))))
            ->then(new Explanation(
                $this->loadSteps($load, $hang->meanHelpN()),
                self::uncertainties($hang, $load, $reachSdN),
                self::remedies($hang),
            ));
    }

    /** @return list<Step> */
    private function bandSteps(BandPath $path): array
    {
        $band = $path->band;
        $words = match (true) {
            $path->kneesBendByM > 0.0 => sprintf(
                'bar %s − %s clearance: too low for straight legs, knees bend',
                InWords::cm($this->barHeightM),
                InWords::cm($this->clearanceM),
            ),
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
            ...abs($band->longerByM()) < self::SAME_M ? [] : [new Step(
                "$name hangs",
                sprintf(
                    '%s %s than where it was measured, by the thickness of the bar',
                    InWords::cm(abs($band->longerByM())),
                    $band->longerByM() > 0.0 ? 'longer' : 'shorter',
                ),
                $band->hungLengthM(),
                'm',
                'π × the difference of the diameters',
            )],
            new Step("$name at the hang", $words, $path->bottomM, 'm', Proportions::SOURCE),
            new Step("$name at the top", 'at the hang − pull distance', $path->topM, 'm'),
            new Step(
                "$name pulls at the hang",
                sprintf(
                    'stretch %.2f; curve %s, ± %.0f %% here',
                    $path->stretch(),
                    $from,
                    100 * $band->sdNAt($path->bottomM) / $band->law->forceN($path->bottomM),
                ),
                CarriedLoad::kg($band->law->forceN($path->bottomM)),
                'kg',
                self::LAW,
            ),
            new Step(
                "$name pulls at the top",
                sprintf('stretch %.2f', max(1.0, $path->topM / $band->hungLengthM())),
                CarriedLoad::kg($band->law->forceN($path->topM)),
                'kg',
                self::LAW,
            ),
        ];
    }

    /** @return list<Step> */
    private function loadSteps(CarriedLoad $load, float $meanHelpN): array
    {
        return [
            new Step(
                'Mean help',
                'work of the band over the pull ÷ pull distance',
                CarriedLoad::kg($meanHelpN),
                'kg',
                'closed form of the curve',
            ),
            new Step('Carried, mean', sprintf('bodyweight %s − mean help', InWords::kg($this->body->massKg)), CarriedLoad::kg($load->meanN), 'kg'),
            new Step('Carried share', 'carried ÷ bodyweight', 100 * $load->share(), '%'),
            new Step(
                'Effective share',
                sprintf(
                    'on the way up rubber gives %.0f %% less than it took, and hands and forearms are not lifted: (%.3f × bodyweight − %.2f × help) ÷ (%.3f × bodyweight); reps are predicted from this',
                    100 * RubberLaw::HYSTERESIS,
                    Demand::LIFTED,
                    1.0 - RubberLaw::HYSTERESIS,
                    Demand::LIFTED,
                ),
                100 * $load->effectiveShare(),
                '%',
                'common practice, 5–10 %; segment table',
            ),
            new Step('Shape', 'how much more it asks at the top than at the bottom', 100 * $load->demand->shape, '%'),
        ];
    }

    /** @return list<string> */
    private static function uncertainties(BandHang $hang, CarriedLoad $load, float $reachSdN): array
    {
        return [sprintf(
            'Carried share ± %.1f points: ± %s from the band curve, ± %s from the reach.',
            100 * $load->shareSd, InWords::kg(CarriedLoad::kg($hang->curveSdN())), InWords::kg(CarriedLoad::kg($reachSdN)),
        )];
    }

    /** @return list<string> */
    private static function remedies(BandHang $hang): array
    {
        $unmeasured = array_filter(
            array_map(static fn (BandPath $p): LoopBand => $p->band, $hang->paths),
            static fn (LoopBand $b): bool => $b->status !== CurveStatus::Measured,
        );

        return array_values(array_map(
            static fn (LoopBand $b): string => sprintf(
                'Measure band %s at two lengths, %s apart.',
                $b->name,
                InWords::cm(ceil(BandCalibration::APART * $b->hungLengthM() * 100.0) / 100.0),
            ),
            $unmeasured,
        ));
    }
}
