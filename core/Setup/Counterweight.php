<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
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
 * A pull-up on a machine whose stack lifts under the knees or feet.
 */
final readonly class Counterweight implements Setup
{
    public const STACK_KG = [0.0, Machine::MOST_KG[1]];

    private const GUIDE_X_M = -0.55;

    private function __construct(public float $stackKg, public float $leverage)
    {
    }

    /**
     * A stack of 0–300 kg at a leverage of 0.1–4.
     *
     * @throws OutOfRange if a figure is outside its range
     */
    public static function of(float $stackKg, float $leverage): self
    {
        OutOfRange::guard(['stack_kg' => [$stackKg, self::STACK_KG], 'leverage' => [$leverage, Machine::LEVERAGE]]);

        return new self($stackKg, $leverage);
    }

    public function carriedBy(Body $body): CarriedLoad|DoesNotFit
    {
        $loadKg = $body->massKg - $this->helpKg();

        return $loadKg <= 0.0
            ? DoesNotFit::liftsOff($this->helpKg(), $body->massKg)
            : CarriedLoad::constant($body->weightN(), $loadKg * Gravity::M_PER_S2, $body->pullDistanceM());
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()->then(new Explanation([
            new Step('Help', sprintf('stack %.1f kg × leverage %.2f', $this->stackKg, $this->leverage), $this->helpKg(), 'kg', 'the machine’s plate'),
            new Step('Carried', 'bodyweight − help', $body->massKg - $this->helpKg(), 'kg'),
        ], ['Friction of the machine is not in it.'], ['Weigh the pad with a scale to check the leverage.']));
    }

    public function sideView(Body $body): SideView
    {
        $hang = HangView::of($body);
        $sole = $hang->start->ankle;
        $pad = new Line(Part::Box, [$sole->plus(-0.15, -0.07), $sole->plus(0.25, -0.07)]);
        $cable = new Line(Part::Cable, [$sole->plus(-0.15, -0.07), new Point(self::GUIDE_X_M, $sole->yM - 0.07), new Point(self::GUIDE_X_M, $sole->yM + 0.6)]);
        $stack = new Line(Part::Weight, [new Point(self::GUIDE_X_M, $sole->yM + 0.6), new Point(self::GUIDE_X_M, $sole->yM + 1.0)], 0.25);

        return new SideView($hang->start, $hang->finish, [...$hang->gear, $pad, $cable, $stack], $hang->dimensions);
    }

    private function helpKg(): float
    {
        return $this->stackKg * $this->leverage;
    }
}
