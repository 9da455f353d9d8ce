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
        $part = $this->reach->legPart($body);
        if ($part <= 0.0) {
            return DoesNotFit::feetReachNothing(-$part * $body->pullDistanceM());
        }
        if ($this->scaleKg === null) {
            return LegInterval::load($body, $this->grade === HelpGrade::None ? 0.0 : $part);
        }
        $loadKg = $body->massKg - $this->scaleKg;

        return $loadKg <= 0.0
            ? DoesNotFit::liftsOff($this->scaleKg, $body->massKg)
            : CarriedLoad::even($body->weightN(), $loadKg * Gravity::M_PER_S2, $body->pullDistanceM(), self::scaleSd($this->scaleKg, $body));
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()->then($this->scaleKg === null ? $this->whyBounded($body) : self::whyWeighed($this->scaleKg, $body));
    }

    public function sideView(Body $body): SideView
    {
        return BoxView::of($this->reach, $body, 0.0);
    }

    private function whyBounded(Body $body): Explanation
    {
        $seen = $this->grade === null ? [] : [sprintf('The coach saw: %s.', str_replace('-', ' ', $this->grade->value))];

        return LegInterval::why($this->reach, $body, 0.0)->then(new Explanation([], $seen, ['Put a scale under the feet and note its mean over a rep.']));
    }

    private static function whyWeighed(float $scaleKg, Body $body): Explanation
    {
        return new Explanation(
            [
                new Step('Scale under the feet', 'mean over the rep', $scaleKg, 'kg', 'measured'),
                new Step('Carried, mean', 'bodyweight − scale reading', $body->massKg - $scaleKg, 'kg'),
            ],
            [sprintf('Carried share ± %.1f points: a mean off a moving dial is good to %.0f %%.', 100 * self::scaleSd($scaleKg, $body), 100 * self::SCALE_SD)],
        );
    }

    /** Of the carried share. */
    private static function scaleSd(float $scaleKg, Body $body): float
    {
        return self::SCALE_SD * $scaleKg / $body->massKg;
    }
}
