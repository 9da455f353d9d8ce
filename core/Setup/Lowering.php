<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\OutOfRange;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * A rep that is only the way down, with all of bodyweight; what counts is the controlled seconds.
 */
final readonly class Lowering implements Setup
{
    public const SECONDS = [1.0, 60.0];

    private function __construct(public float $seconds)
    {
    }

    /**
     * A lowering of 1–60 s.
     *
     * @throws OutOfRange if the seconds are outside
     */
    public static function of(float $seconds): self
    {
        OutOfRange::guard(['seconds' => [$seconds, self::SECONDS]]);

        return new self($seconds);
    }

    public function carriedBy(Body $body): CarriedLoad
    {
        return CarriedLoad::constant($body->weightN(), $body->weightN(), $body->pullDistanceM());
    }

    public function why(Body $body): Explanation
    {
        return $body->whyPullDistance()->then(new Explanation([
            new Step('Carried', 'bodyweight, by definition of a lowering', $body->massKg, 'kg'),
            new Step('Speed', 'pull distance ÷ seconds', 100 * $body->pullDistanceM() / $this->seconds, 'cm/s'),
        ], ['A rep counts if it lasted its seconds at an even speed.']));
    }

    public function sideView(Body $body): SideView
    {
        $hang = HangView::of($body);

        return new SideView($hang->finish ?? $hang->start, $hang->start, $hang->gear, $hang->dimensions);
    }
}
