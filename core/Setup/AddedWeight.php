<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\DrawnPart;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\SideView;
use SteadyRung\Gravity;
use SteadyRung\OutOfRange;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * The pull-up with weight on the belt.
 */
final readonly class AddedWeight implements Setup
{
    public const ADDED_KG = [0.0, 200.0];

    private function __construct(public float $addedKg)
    {
    }

    /**
     * A pull-up with 0–200 kg added.
     *
     * @throws OutOfRange if the weight is outside
     */
    public static function of(float $addedKg): self
    {
        OutOfRange::guard(['added_kg' => [$addedKg, self::ADDED_KG]]);

        return new self($addedKg);
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad
    {
        $loadN = $body->weightN() + $this->addedKg * Gravity::M_PER_S2;

        return CarriedLoad::even($body->weightN(), $loadN, $travel->length() * $body->pullDistanceM());
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()->then(new Explanation([
            new Step('Carried', 'bodyweight + added weight', $body->massKg + $this->addedKg, 'kg'),
        ]));
    }

    public function sideView(Body $body): SideView
    {
        $hip = HangView::of($body)->start->hip;
        $hung = $hip->plus(0.12, -0.25);

        return HangView::of(
            $body,
            null,
            [new Line(DrawnPart::Cable, [$hip, $hung]), new Line(DrawnPart::Weight, [$hung, $hung->plus(0.0, -0.12)], 0.2)],
        );
    }
}
