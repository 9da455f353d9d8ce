<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Stack;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\DrawnPart;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;
use SteadyRung\Gravity;
use SteadyRung\Kit\Machine;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\HangView;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Travel;
use SteadyRung\Setup\Warning;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * A stack pulled down while seated or kneeling; listed apart, for it does not transfer one to one.
 */
final readonly class PullDown implements Setup
{
    public const STACK_KG = [0.5, Machine::MOST_KG[1]];

    /** Of what is pulled, by the friction of the guides (common practice). */
    private const FRICTION_SD = 0.05;

    private function __construct(public float $stackKg, public Stance $stance)
    {
    }

    /**
     * A stack of 0.5–300 kg.
     *
     * @throws OutOfRange if it is outside
     */
    public static function of(float $stackKg, Stance $stance = Stance::Seated): self
    {
        OutOfRange::guard(['stack_kg' => [$stackKg, self::STACK_KG]]);

        return new self($stackKg, $stance);
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad|DoesNotFit
    {
        return $this->stackKg > $body->massKg
            ? DoesNotFit::stackLifts($this->stackKg, $body->massKg)
            : self::load($body, array_fill(0, 3, $this->stackKg * Gravity::M_PER_S2), self::FRICTION_SD * $this->stackKg / $body->massKg);
    }

    /**
     * What is pulled at the start, in the mean and at the end is what is felt.
     *
     * @param  list<float>  $pulledN
     * @param  list<Warning>  $warnings
     */
    public static function load(Body $body, array $pulledN, float $shareSd, array $warnings = []): CarriedLoad
    {
        [$startN, $meanN, $endN] = $pulledN;

        return new CarriedLoad(
            weightN: $body->weightN(),
            bottomN: $startN,
            meanN: $meanN,
            topN: $endN,
            demand: Demand::asCarried($body->weightN(), $startN, $meanN, $endN),
            shareSd: $shareSd,
            romM: $body->pullDistanceM(),
            warnings: $warnings,
        );
    }

    public function why(Body $body): Explanation
    {
        return new Explanation([
            new Step('Pulled', 'the stack', $this->stackKg, 'kg', 'the machine’s plate'),
            new Step('Share', 'stack ÷ bodyweight', 100 * $this->stackKg / $body->massKg, '%'),
        ], [
            sprintf('Friction of the guides: ± %.0f %% of it.', 100 * self::FRICTION_SD),
            'A pull-down does not transfer to pull-ups one to one: it has a capacity of its own.',
        ]);
    }

    public function sideView(Body $body): SideView
    {
        $top = new Point(0.0, $this->stance->handsM($body));
        $bottom = $top->plus(0.12, -$body->pullDistanceM());
        $pulley = $top->plus(0.0, 0.3);

        return new SideView($this->stance->figure($body, $top), null, [
            ...$this->stance->furniture(),
            HangView::bar($top),
            new Line(DrawnPart::Bar, [$bottom], 0.02, atTop: true),
            new Line(DrawnPart::Cable, [$top, $pulley, $pulley->plus(-0.6, 0.0), new Point(-0.6, 1.0)]),
            new Line(DrawnPart::Weight, [new Point(-0.6, 0.5), new Point(-0.6, 1.0)], 0.25),
        ], []);
    }
}
