<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Feet;

use SteadyRung\Body\Body;
use SteadyRung\Body\Figure;
use SteadyRung\Body\Proportions;
use SteadyRung\Drawing\Dimension;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;
use SteadyRung\Gravity;
use SteadyRung\Kit\Bar;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\HangView;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Travel;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * Straight up from a seat under a low bar, the legs straight in front with the heels on the floor.
 */
final readonly class LowBar implements Setup
{
    private const SCALE_SD = 0.10;

    /** How far the weight on limp heels is off between people (judgement). */
    private const LIMP_SD = 0.015;

    private function __construct(public float $barHeightM, public ?float $scaleKg, public ?HelpGrade $grade)
    {
    }

    /**
     * Under a bar 0.5–6 m high, with the mean reading of a scale under the heels on the way up if there is one.
     *
     * @throws OutOfRange if a figure is outside its range
     */
    public static function of(float $barHeightM, ?float $scaleKg = null, ?HelpGrade $grade = null): self
    {
        OutOfRange::guard(['bar_height_m' => [$barHeightM, Bar::HEIGHT_M], 'scale_kg' => [$scaleKg, FootHelp::SCALE_KG]]);

        return new self($barHeightM, $scaleKg, $grade);
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad|DoesNotFit
    {
        $sittingReachM = $body->reachM - $body->heightM(Proportions::HIP_HEIGHT);
        if ($this->barHeightM >= $body->reachM) {
            return DoesNotFit::barTooHighToSit($this->barHeightM, $body->reachM);
        }
        if ($this->barHeightM < $sittingReachM) {
            return DoesNotFit::barTooLow($this->barHeightM, $sittingReachM);
        }
        $limp = $this->limpShare($body);
        $weightN = $body->weightN();
        if ($this->scaleKg !== null) {
            $loadN = $weightN - $this->scaleKg * Gravity::M_PER_S2;

            return $loadN <= 0.0
                ? DoesNotFit::liftsOff($this->scaleKg, 0.0, $body->massKg)
                : CarriedLoad::even(
                    $weightN,
                    $loadN,
                    $travel->length() * $body->pullDistanceM(),
                    self::SCALE_SD * $this->scaleKg / $body->massKg,
                );
        }
        if ($this->grade === HelpGrade::None) {
            return CarriedLoad::even($weightN, $limp * $weightN, $travel->length() * $body->pullDistanceM(), self::LIMP_SD);
        }
        $meanN = $limp / 2.0 * $weightN;

        return new CarriedLoad(
            weightN: $weightN,
            bottomN: 0.0,
            meanN: $meanN,
            topN: $limp * $weightN,
            demand: Demand::ofPull($weightN, 0.0, $meanN, $limp * $weightN),
            shareSd: $limp / sqrt(12.0),
            romM: $travel->length() * $body->pullDistanceM(),
            warnings: [],
            shareRange: [0.0, $limp],
        );
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()->then(new Explanation([
            new Step('Legs', 'both, feet included', 100 * $body->segments()->legs(), '%', $body->proportions->source()),
            new Step(
                'Carried at most',
                'bodyweight less what limp heels leave on the floor: legs × where their weight lies',
                100 * $this->limpShare($body),
                '%',
            ),
            ...(
                $this->scaleKg === null
                    ? []
                    : [new Step('Carried, mean', 'bodyweight − scale reading', $body->massKg - $this->scaleKg, 'kg', 'measured')]
            ),
        ], $this->scaleKg === null && $this->grade !== HelpGrade::None ? [
            'How much the legs push nobody knows: anything up to that.',
        ] : [], $this->scaleKg === null ? [
            'Put a scale under the heels and note its mean over the way up.',
        ] : []));
    }

    public function sideView(Body $body): SideView
    {
        $bar = new Point(0.0, $this->barHeightM);
        $figure = new Figure($body);

        return new SideView(
            $figure->legsInFront($bar, 0.0),
            $figure->legsInFront($bar, $body->pullDistanceM()),
            [HangView::bar($bar)],
            [HangView::barHeight($bar), Dimension::length('pull', $bar->plus(0.45, 0.0), $bar->plus(0.45, -$body->pullDistanceM()))],
        );
    }

    /** With the legs limp the heels carry this much less than all: the legs' mass × their centre from the hip (0.433 of the length). */
    private function limpShare(Body $body): float
    {
        return 1.0 - $body->segments()->legs() * $body->segments()->thighCentre;
    }
}
