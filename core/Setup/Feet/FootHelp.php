<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Feet;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\Gravity;
use SteadyRung\InWords;
use SteadyRung\Kit\GearClash;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Travel;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * A pull with the toes on a box or the floor: measured by a scale under the feet, or bounded by how far the legs reach.
 */
final readonly class FootHelp implements Setup
{
    public const SCALE_KG = [0.0, 300.0];

    /** A mean reading off a moving dial is good to this part of it (common practice). */
    private const SCALE_SD = 0.10;

    public const LAP_KG = [0.0, 100.0];

    private function __construct(public BoxReach $reach, public ?float $scaleKg, public ?HelpGrade $grade, public float $lapKg)
    {
    }

    /**
     * Feet on a box under a bar, with the scale's mean reading of 0–300 kg on the way up if there is one, and 0–100 kg in the lap.
     *
     * @throws OutOfRange if a figure is outside its range
     * @throws GearClash if the box is too near the bar
     */
    public static function of(float $barHeightM, float $boxM, ?float $scaleKg = null, ?HelpGrade $grade = null, float $lapKg = 0.0): self
    {
        OutOfRange::guard(['scale_kg' => [$scaleKg, self::SCALE_KG], 'lap_kg' => [$lapKg, self::LAP_KG]]);

        return new self(BoxReach::of($barHeightM, $boxM), $scaleKg, $grade, $lapKg);
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad|DoesNotFit
    {
        if ($this->scaleKg !== null) {
            return $this->weighed($this->scaleKg, $body, $travel);
        }
        $part = $this->reach->legPart($body);

        return $part <= 0.0
            ? DoesNotFit::feetReachNothing(-$part * $body->pullDistanceM())
            : LegInterval::load($body, $this->grade === HelpGrade::None ? 0.0 : $part, $travel, $this->lapKg);
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()->then(
            $this->scaleKg === null ? $this->whyBounded($body) : $this->whyWeighed($this->scaleKg, $body),
        );
    }

    public function sideView(Body $body): SideView
    {
        return BoxView::of($this->reach, $body, 0.0);
    }

    /** A reading beats any estimate of the reach. */
    private function weighed(float $scaleKg, Body $body, Travel $travel): CarriedLoad|DoesNotFit
    {
        $loadKg = $body->massKg + $this->lapKg - $scaleKg;

        return $loadKg <= 0.0
            ? DoesNotFit::liftsOff($scaleKg, 0.0, $body->massKg + $this->lapKg)
            : CarriedLoad::even(
                $body->weightN(),
                $loadKg * Gravity::M_PER_S2,
                $travel->length() * $body->pullDistanceM(),
                self::scaleSd($scaleKg, $body),
            );
    }

    private function whyBounded(Body $body): Explanation
    {
        $seen = $this->grade === null ? [] : [sprintf('The coach saw: %s.', str_replace('-', ' ', $this->grade->value))];

        return LegInterval::why($this->reach, $body)->then(new Explanation(
            [],
            $seen,
            ['Put a scale under the feet and note its mean over the way up.'],
        ));
    }

    private function whyWeighed(float $scaleKg, Body $body): Explanation
    {
        return new Explanation(
            [
                new Step('Scale under the feet', 'mean over the way up', $scaleKg, 'kg', 'measured'),
                new Step(
                    'Carried, mean',
                    $this->lapKg > 0.0
                        ? sprintf('bodyweight + %s in the lap − scale reading', InWords::kg($this->lapKg))
                        : 'bodyweight − scale reading',
                    $body->massKg + $this->lapKg - $scaleKg,
                    'kg',
                ),
            ],
            [sprintf(
                'Carried share ± %.1f points: a mean off a moving dial is good to %.0f %%.',
                100 * self::scaleSd($scaleKg, $body),
                100 * self::SCALE_SD,
            )],
        );
    }

    /** Of the carried share. */
    private static function scaleSd(float $scaleKg, Body $body): float
    {
        return self::SCALE_SD * $scaleKg / $body->massKg;
    }
}
