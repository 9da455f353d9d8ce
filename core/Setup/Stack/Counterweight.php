<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Stack;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\DrawnPart;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;
use SteadyRung\Gravity;
use SteadyRung\InWords;
use SteadyRung\Kit\Machine;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\HangView;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Travel;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * A pull-up on a machine whose stack lifts under the knees or feet.
 */
final readonly class Counterweight implements Setup
{
    public const STACK_KG = [0.0, Machine::MOST_KG[1]];

    private const GUIDE_X_M = -0.55;

    public const LEVER_DEG = [-60.0, 60.0];

    /** The part of the help that the guides take on the way up, and how well it is known (common practice). */
    private const FRICTION = 0.07;

    private const FRICTION_SD = 0.05;

    private function __construct(
        public float $stackKg,
        public float $leverage,
        public float $platformKg,
        public float $leverDeg,
        public float $leverAtRestDeg,
    ) {
    }

    /**
     * A stack of 0–300 kg at a leverage of 0.1–4, under a platform of 0–60 kg, on a lever now and at rest so many degrees from level.
     *
     * @throws OutOfRange if a figure is outside its range
     */
    public static function of(
        float $stackKg,
        float $leverage,
        float $platformKg = 0.0,
        float $leverDeg = 0.0,
        float $leverAtRestDeg = 0.0,
    ): self {
        OutOfRange::guard([
            'stack_kg' => [$stackKg, self::STACK_KG],
            'leverage' => [$leverage, Machine::LEVERAGE],
            'platform_kg' => [$platformKg, Machine::PLATFORM_KG],
            'lever_deg' => [$leverDeg, self::LEVER_DEG],
            'lever_at_rest_deg' => [$leverAtRestDeg, self::LEVER_DEG],
        ]);

        return new self($stackKg, $leverage, $platformKg, $leverDeg, $leverAtRestDeg);
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad|DoesNotFit
    {
        $loadKg = $body->massKg - $this->helpKg();

        return $loadKg <= 0.0
            ? DoesNotFit::liftsOff($this->helpKg(), 0.0, $body->massKg)
            : CarriedLoad::even(
                $body->weightN(),
                $loadKg * Gravity::M_PER_S2,
                $travel->length() * $body->pullDistanceM(),
                self::FRICTION_SD * $this->helpKg() / $body->massKg,
                $travel->isUp() ? 1.0 - self::FRICTION : 1.0,
            );
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()->then(new Explanation([
            new Step(
                'Help',
                sprintf(
                    'stack %s × leverage %.2f − platform %s',
                    InWords::kg($this->stackKg),
                    $this->leverage,
                    InWords::kg($this->platformKg),
                ),
                $this->helpKg(),
                'kg',
                'the machine’s plate',
            ),
            new Step('Carried', 'bodyweight − help', $body->massKg - $this->helpKg(), 'kg'),
            new Step(
                'Effective share',
                sprintf('on the way up the guides take %.0f %% of the help', 100 * self::FRICTION),
                100 * Demand::ofPull(
                    $body->weightN(),
                    0.0,
                    $body->weightN() - $this->helpKg() * Gravity::M_PER_S2,
                    0.0,
                    1.0 - self::FRICTION,
                )->share,
                '%',
                'common practice',
            ),
        ], [sprintf(
            'Friction %.0f ± %.0f %% of the help: carried share ± %.1f points.',
            100 * self::FRICTION,
            100 * self::FRICTION_SD,
            100 * self::FRICTION_SD * $this->helpKg() / $body->massKg,
        )], ['Weigh the pad with a scale to check the leverage.']));
    }

    public function sideView(Body $body): SideView
    {
        $hang = HangView::of($body);
        $sole = $hang->start->ankle;
        $pad = new Line(DrawnPart::Box, [$sole->plus(-0.15, -0.07), $sole->plus(0.25, -0.07)]);
        $cable = new Line(
            DrawnPart::Cable,
            [$sole->plus(-0.15, -0.07), new Point(self::GUIDE_X_M, $sole->yM - 0.07), new Point(self::GUIDE_X_M, $sole->yM + 0.6)],
        );
        $stack = new Line(
            DrawnPart::Weight,
            [new Point(self::GUIDE_X_M, $sole->yM + 0.6), new Point(self::GUIDE_X_M, $sole->yM + 1.0)],
            0.25,
        );

        return new SideView($hang->start, $hang->finish, [...$hang->gear, $pad, $cable, $stack], $hang->dimensions);
    }

    private function helpKg(): float
    {
        return max(
            0.0,
            $this->leverage * $this->stackKg * cos(deg2rad($this->leverDeg)) / cos(deg2rad($this->leverAtRestDeg)) - $this->platformKg,
        );
    }
}
