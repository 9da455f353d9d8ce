<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Body\Figure;
use SteadyRung\Body\Proportions;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Part;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;
use SteadyRung\Gravity;
use SteadyRung\Kit\Machine;
use SteadyRung\OutOfRange;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * A stack pulled down while seated; listed apart, for it does not transfer one to one.
 */
final readonly class PullDown implements Setup
{
    public const STACK_KG = [0.5, Machine::MOST_KG[1]];

    private const SEAT_M = 0.45;

    private function __construct(public float $stackKg)
    {
    }

    /**
     * A stack of 0.5–300 kg.
     *
     * @throws OutOfRange if it is outside
     */
    public static function of(float $stackKg): self
    {
        OutOfRange::guard(['stack_kg' => [$stackKg, self::STACK_KG]]);

        return new self($stackKg);
    }

    public function carriedBy(Body $body): CarriedLoad|DoesNotFit
    {
        return $this->stackKg > $body->massKg
            ? DoesNotFit::stackLifts($this->stackKg, $body->massKg)
            : CarriedLoad::constant($body->weightN(), $this->stackKg * Gravity::M_PER_S2, $body->pullDistanceM());
    }

    public function why(Body $body): Explanation
    {
        return new Explanation([
            new Step('Pulled', 'the stack', $this->stackKg, 'kg', 'the machine’s plate'),
            new Step('Share', 'stack ÷ bodyweight', 100 * $this->stackKg / $body->massKg, '%'),
        ], ['A pull-down does not transfer to pull-ups one to one: it has a capacity of its own.']);
    }

    public function sideView(Body $body): SideView
    {
        $figure = new Figure($body);
        $sittingReachM = $body->reachM - $body->heightM(Proportions::HIP_HEIGHT);
        $top = new Point(0.0, self::SEAT_M + $sittingReachM);
        $bottom = $top->plus(0.12, -$body->pullDistanceM());
        $pulley = $top->plus(0.0, 0.3);

        return new SideView($figure->seated($top, self::SEAT_M), null, [
            Line::box(-0.2, 0.2, self::SEAT_M),
            HangView::bar($top),
            new Line(Part::Bar, [$bottom], 0.02, atTop: true),
            new Line(Part::Cable, [$top, $pulley, $pulley->plus(-0.6, 0.0), new Point(-0.6, 1.0)]),
            new Line(Part::Weight, [new Point(-0.6, 0.5), new Point(-0.6, 1.0)], 0.25),
        ], []);
    }
}
