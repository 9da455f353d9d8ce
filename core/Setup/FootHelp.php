<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\Gravity;
use SteadyRung\Kit\GearClash;
use SteadyRung\OutOfRange;
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

    private function __construct(public BoxReach $reach, public ?float $scaleKg, public ?HelpGrade $grade)
    {
    }

    /**
     * Feet on a box under a bar, with the scale's mean reading of 0–300 kg if there is one.
     *
     * @throws OutOfRange if a figure is outside its range
     * @throws GearClash if the box is too near the bar
     */
    public static function of(float $barHeightM, float $boxM, ?float $scaleKg = null, ?HelpGrade $grade = null): self
    {
        OutOfRange::guard(['scale_kg' => [$scaleKg, self::SCALE_KG]]);

        return new self(BoxReach::of($barHeightM, $boxM), $scaleKg, $grade);
    }

    public function carriedBy(Body $body): CarriedLoad|DoesNotFit
    {
        if ($this->reach->legPart($body) <= 0.0) {
            return DoesNotFit::feetReachNothing($this->legsShortM($body));
        }
        if ($this->scaleKg === null) {
            return LegInterval::load($body, $this->grade === HelpGrade::None ? 0.0 : $this->reach->legPart($body));
        }
        $loadKg = $body->massKg - $this->scaleKg;

        return $loadKg <= 0.0
            ? DoesNotFit::liftsOff($this->scaleKg, $body->massKg)
            : CarriedLoad::even($body->weightN(), $loadKg * Gravity::M_PER_S2, $body->pullDistanceM(), self::SCALE_SD * $this->scaleKg / $body->massKg);
    }

    public function why(Body $body): Explanation
    {
        $bound = $body->whyPullDistance()->then(LegInterval::why($this->reach, $body, 0.0));
        if ($this->grade !== null) {
            $bound = $bound->then(new Explanation([], [sprintf('The coach saw: %s.', str_replace('-', ' ', $this->grade->value))]));
        }

        return $this->scaleKg === null ? $bound->then(new Explanation([], [], ['Put a scale under the feet and note its mean over a rep.'])) : $body->whyPullDistance()->then(new Explanation(
            [
                new Step('Scale under the feet', 'mean over the rep', $this->scaleKg, 'kg', 'measured'),
                new Step('Carried, mean', 'bodyweight − scale reading', $body->massKg - $this->scaleKg, 'kg'),
            ],
            [sprintf('Carried share ± %.1f points: a mean off a moving dial is good to %.0f %%.', 100 * self::SCALE_SD * $this->scaleKg / $body->massKg, 100 * self::SCALE_SD)],
        ));
    }

    public function sideView(Body $body): SideView
    {
        return BoxView::of($this->reach, $body, 0.0);
    }

    private function legsShortM(Body $body): float
    {
        return -$this->reach->legPart($body) * $body->pullDistanceM();
    }
}
