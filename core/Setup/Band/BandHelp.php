<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Band;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\InWords;
use SteadyRung\Kit\Band\CurveStatus;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Band\RubberLaw;
use SteadyRung\Kit\Bar;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\BandHazard;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Mount;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Travel;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;
use SteadyRung\Why\Explanation;

/**
 * A pull-up with one or more loop bands hitched over the bar and under the foot or the knee; their forces add.
 */
final readonly class BandHelp implements Setup
{
    /** Kept free between the foot or knee and the floor. */
    public const CLEARANCE_M = 0.05;

    public const CLEARANCE_RANGE_M = [0.0, 0.5];

    public const MOST_BANDS = 6;

    /** Bent further than this, the foot swings behind. */
    private const MOST_KNEES_BEND_M = 0.15;

    /** @param  non-empty-list<AttachedBand>  $bands */
    private function __construct(public float $barHeightM, public array $bands, public float $clearanceM)
    {
    }

    /**
     * One to six bands on a bar, all at the foot or all at the knee.
     *
     * @param  list<LoopBand>  $bands
     *
     * @throws OutOfRange if the bar, the clearance or the number of bands is outside its range
     */
    public static function of(float $barHeightM, Attach $attach, array $bands, float $clearanceM = self::CLEARANCE_M): self
    {
        return self::each(
            $barHeightM,
            array_map(static fn (LoopBand $band): AttachedBand => new AttachedBand($band, $attach), $bands),
            $clearanceM,
        );
    }

    /**
     * One to six bands on a bar, each in its place.
     *
     * @param  list<AttachedBand>  $bands
     *
     * @throws OutOfRange if the bar, the clearance or the number of bands is outside its range
     */
    public static function each(float $barHeightM, array $bands, float $clearanceM = self::CLEARANCE_M): self
    {
        OutOfRange::guard([
            'bar_height_m' => [$barHeightM, Bar::HEIGHT_M],
            'clearance_m' => [$clearanceM, self::CLEARANCE_RANGE_M],
            'bands' => [count($bands), [1.0, (float) self::MOST_BANDS]],
        ]);
        assert($bands !== []);

        return new self($barHeightM, $bands, $clearanceM);
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad|DoesNotFit
    {
        $whole = BandHang::of($this->barHeightM, $this->clearanceM, $this->bands, $body);
        if ($whole instanceof DoesNotFit) {
            return $whole;
        }
        $hazard = BandHazard::of($whole->bottomN(), $whole->bottomSdN(), $whole->storedJ(), $this->mount($body), $body);
        if ($hazard->liftsOff()) {
            return DoesNotFit::liftsOff(CarriedLoad::kg($whole->bottomN()), CarriedLoad::kg($whole->bottomSdN()), $body->massKg);
        }
        $hang = $whole->over($travel);
        $weightN = $body->weightN();
        $bottomN = $weightN - $hang->bottomN();
        $meanN = $weightN - $hang->meanHelpN();
        $topN = $weightN - $hang->topN();

        return new CarriedLoad(
            weightN: $weightN,
            bottomN: $bottomN,
            meanN: $meanN,
            topN: $topN,
            demand: Demand::ofPull($weightN, $bottomN, $meanN, $topN, $travel->isUp() ? 1.0 - RubberLaw::HYSTERESIS : 1.0),
            shareSd: hypot($hang->curveSdN(), $this->reachSdN($body, $whole)) / $weightN,
            romM: $travel->length() * $body->pullDistanceM(),
            warnings: [...self::warnings($whole), ...$hazard->warnings()],
            hazard: $hazard,
        );
    }

    public function why(Body $body): Explanation
    {
        $load = $this->carriedBy($body);
        if ($load instanceof DoesNotFit) {
            return new Explanation([], [$load->reason]);
        }
        $hang = $this->lengths($body);

        return (new BandWhy($this->barHeightM, $this->clearanceM, $body))->of($hang, $load, $this->reachSdN($body, $hang));
    }

    public function sideView(Body $body): SideView
    {
        return BandView::of($this->barHeightM, $this->lengths($body), $this->mount($body), $body);
    }

    /** The bands as the body stretches them, whether or not it fits. */
    public function lengths(Body $body): BandHang
    {
        return BandHang::lengths($this->barHeightM, $this->clearanceM, $this->bands, $body);
    }

    public function mount(Body $body): Mount
    {
        return Mount::of(
            $this->barHeightM,
            $body,
            fn (float $lengthM): float => array_sum(array_map(
                static fn (AttachedBand $b): float => $b->band->law->forceN($lengthM),
                $this->bands,
            )),
        );
    }

    /** @return list<LoopBand> */
    public function estimated(): array
    {
        $bands = array_map(static fn (AttachedBand $b): LoopBand => $b->band, $this->bands);

        return array_values(array_filter($bands, static fn (LoopBand $b): bool => $b->status === CurveStatus::Estimated));
    }

    /** Where all the bands are, if they are in one place. */
    public function attach(): ?Attach
    {
        $places = array_unique(array_map(static fn (AttachedBand $b): string => $b->attach->value, $this->bands));

        return count($places) === 1 ? Attach::from($places[0]) : null;
    }

    /** Standard deviation of the mean help in N that comes from the reach, by moving it one standard deviation. */
    private function reachSdN(Body $body, BandHang $hang): float
    {
        $longer = $this->lengths($body->withReach($body->reachM + $body->reachSdM()));

        return abs($longer->meanHelpN() - $hang->meanHelpN());
    }

    /** @return list<Warning> */
    private static function warnings(BandHang $hang): array
    {
        $warnings = [];
        $bendM = $hang->kneesBendByM();
        if ($bendM > 0.0) {
            $warnings[] = new Warning(WarningCode::KneesBend, sprintf(
                'The bar is %s too low for straight legs; knees bend, help falls by %s.',
                InWords::wholeCm($bendM), InWords::kg(CarriedLoad::kg($hang->meanHelpN($bendM) - $hang->meanHelpN())),
            ));
        }
        if ($bendM > self::MOST_KNEES_BEND_M) {
            $warnings[] = new Warning(
                WarningCode::FootSwingsBehind,
                'Legs bent this far let the foot swing behind. Take a higher bar, or the knee.',
            );
        }
        foreach ($hang->paths as $path) {
            $name = $path->band->name;
            if ($path->stretch() > LoopBand::WARN_STRETCH) {
                $warnings[] = new Warning(
                    WarningCode::StretchHigh,
                    sprintf(
                        'Band %s is stretched to %.1f times its hung length; over %.1f wears it fast, and its curve errs by 5–9 %%.',
                        $name,
                        $path->stretch(),
                        LoopBand::WARN_STRETCH,
                    ),
                );
            }
            if ($path->topM <= $path->band->hungLengthM()) {
                $warnings[] = new Warning(WarningCode::SlackAtTop, sprintf('Band %s is slack at the top: no help at the finish.', $name));
            }
            if ($path->band->status === CurveStatus::Estimated) {
                $warnings[] = Warning::estimated($path->band);
            }
        }

        return $warnings;
    }
}
