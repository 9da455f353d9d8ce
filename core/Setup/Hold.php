<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\OutOfRange;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * A hold with all of bodyweight, at the hang or at the top; what counts is the seconds.
 */
final readonly class Hold implements Setup
{
    public const SECONDS = [1.0, 600.0];

    private function __construct(public HoldAt $at, public float $seconds)
    {
    }

    /**
     * A hold of 1–600 s.
     *
     * @throws OutOfRange if the seconds are outside
     */
    public static function of(HoldAt $at, float $seconds): self
    {
        OutOfRange::guard(['seconds' => [$seconds, self::SECONDS]]);

        return new self($at, $seconds);
    }

    public function carriedBy(Body $body): CarriedLoad
    {
        return CarriedLoad::constant($body->weightN(), $body->weightN(), 0.0);
    }

    public function why(Body $body): Explanation
    {
        return new Explanation([new Step('Carried', 'bodyweight, nothing moves', $body->massKg, 'kg')]);
    }

    public function sideView(Body $body): SideView
    {
        $hang = HangView::of($body);

        return new SideView($this->at === HoldAt::Hang ? $hang->start : $hang->finish ?? $hang->start, null, $hang->gear, []);
    }
}
