<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\CoreError;
use SteadyRung\InWords;
use SteadyRung\Kit\Band\LoopBand;

/**
 * The answer of a set-up that this body, bar or band does not allow, with the reason and the way out.
 */
final readonly class DoesNotFit
{
    private function __construct(public Misfit $misfit, public string $reason)
    {
    }

    public static function barTooLow(float $barHeightM, float $neededM): self
    {
        return new self(Misfit::BarTooLow, sprintf(
            'The bar at %s is %s too low to hang clear of the floor here. Take a bar at %s or higher.',
            InWords::cm($barHeightM), self::upToCm($neededM - $barHeightM), self::upToCm($neededM),
        ));
    }

    public static function barTooHighToSit(float $barHeightM, float $mostM): self
    {
        return new self(
            Misfit::BarTooHigh,
            sprintf(
                'The bar at %s is too high to sit under: the heels leave the floor. Take one below %s.',
                InWords::cm($barHeightM),
                InWords::cm(floor(100 * $mostM) / 100),
            ),
        );
    }

    /** Of a band that is slack at the longest it is pulled to, or stretched beyond what is safe. */
    public static function ofBand(LoopBand $band, float $longestM): ?self
    {
        $hungM = $band->hungLengthM();

        return match (true) {
            $longestM <= $hungM => self::noHelp($band->name, $hungM, max(0.0, $longestM)),
            $longestM / $hungM > LoopBand::MOST_STRETCH => self::stretchTooHigh($band->name, $longestM / $hungM, LoopBand::MOST_STRETCH),
            default => null,
        };
    }

    private static function noHelp(string $band, float $hungLengthM, float $hangLengthM): self
    {
        return new self(Misfit::NoHelp, sprintf(
            'Band %s hangs %s long and has only %s to fill, so it stays slack and helps nothing. Take a shorter band, or the foot instead of the knee.',
            $band, InWords::cm($hungLengthM), InWords::cm($hangLengthM),
        ));
    }

    private static function stretchTooHigh(string $band, float $stretch, float $most): self
    {
        return new self(Misfit::StretchTooHigh, sprintf(
            'Band %s would be stretched to %.1f times its hung length; %.1f is the most that is safe. Take a longer band, or the knee instead of the foot.',
            $band, $stretch, $most,
        ));
    }

    /** @param  float  $sdKg how well the help is known */
    public static function liftsOff(float $helpKg, float $sdKg, float $massKg): self
    {
        $lifted = InWords::kg($helpKg).($sdKg > 0.05 ? ' ± '.InWords::kg($sdKg) : '');

        return new self(Misfit::LiftsOff, $helpKg > $massKg
            ? sprintf(
                'At the bottom the help lifts %s, more than the %s on it: no full hang. Take less of it.',
                $lifted,
                InWords::kg($massKg),
            )
            : sprintf(
                'At the bottom the help lifts %s of %s: it might lift the athlete off. Take a thinner band, the knee, or measure the band.',
                $lifted,
                InWords::kg($massKg),
            ));
    }

    public static function stackLifts(float $stackKg, float $massKg): self
    {
        return new self(
            Misfit::LiftsOff,
            sprintf(
                'A stack of %s lifts an athlete of %s off the seat. Take a lighter stack.',
                InWords::kg($stackKg),
                InWords::kg($massKg),
            ),
        );
    }

    public static function feetReachNothing(float $shortM): self
    {
        return new self(
            Misfit::FeetReachNothing,
            sprintf(
                'The toes hang %s over it: no help. Take a box %s higher, or a lower bar.',
                InWords::wholeCm($shortM),
                self::upToCm($shortM),
            ),
        );
    }

    public static function hopTooSmall(float $shortM): self
    {
        return new self(
            Misfit::FeetReachNothing,
            sprintf('The hop ends %s below the bar. Take a higher box, a lower bar or a bigger hop.', InWords::wholeCm($shortM)),
        );
    }

    public static function heelsTooFar(float $excessM): self
    {
        return new self(
            Misfit::HeelsTooFar,
            sprintf(
                'The hands do not reach: %s too far from the anchor. Move the heels towards the plumb line, or lengthen the straps.',
                self::upToCm($excessM),
            ),
        );
    }

    public static function heelsTooNear(float $missingM): self
    {
        return new self(
            Misfit::HeelsTooNear,
            sprintf(
                'No room to pull in: the heels are %s too near the anchor. Move them away from the plumb line, or take a higher anchor.',
                self::upToCm($missingM),
            ),
        );
    }

    public static function strapTooSlack(float $excessM): self
    {
        return new self(
            Misfit::TouchesFloor,
            sprintf('The straps are %s too long to hold the body up. Shorten the straps.', self::upToCm($excessM)),
        );
    }

    public static function touchesFloor(float $missingM): self
    {
        return new self(
            Misfit::TouchesFloor,
            sprintf(
                'The shoulders come %s too near the floor. Shorten the straps, or move the heels back under the anchor.',
                self::upToCm($missingM),
            ),
        );
    }

    public static function standsUpright(float $leanDeg): self
    {
        return new self(
            Misfit::StandsUpright,
            sprintf(
                'The body stands upright (%.0f°), so the arms carry nothing. Move the heels forward, past the plumb line.',
                max(0.0, $leanDeg),
            ),
        );
    }

    public static function pullsAlongBody(float $angleDeg, float $leastDeg): self
    {
        return new self(
            Misfit::PullsAlongBody,
            sprintf(
                'The straps meet the body at %.0f° (%.0f° is the least): they pull along it instead of lifting it. Move the heels back towards the plumb line, or change the straps.',
                $angleDeg,
                $leastDeg,
            ),
        );
    }

    public static function feetFloat(): self
    {
        return new self(
            Misfit::FeetFloat,
            'The straps all but lift the feet: nothing holds them. Move the heels back under the anchor, or lengthen the straps.',
        );
    }

    public static function shareOutOfReach(float $share, float $low, float $high): self
    {
        return new self(
            Misfit::ShareOutOfReach,
            sprintf(
                'No heel mark gives %.0f %%: this anchor and strap reach from %.0f %% to %.0f %%.',
                100 * $share,
                100 * $low,
                100 * $high,
            ),
        );
    }

    public static function overRating(string $piece, float $ratedN, float $neededN): self
    {
        return new self(
            Misfit::OverRating,
            sprintf(
                '%s is rated for %s; %s is asked for here, half more than what hangs on it. Take stronger gear.',
                $piece,
                InWords::kg(CarriedLoad::kg($ratedN), 0),
                InWords::kg(ceil(CarriedLoad::kg($neededN)), 0),
            ),
        );
    }

    /** What the screen says stands before what the gear can do. */
    public static function outsideLimits(string $reason): self
    {
        return new self(Misfit::OutsideLimits, $reason);
    }

    /** The gear itself does not allow it: a piece is gone, or two cannot go together. */
    public static function cannotBeBuilt(CoreError $error): self
    {
        return new self(Misfit::CannotBeBuilt, $error->getMessage());
    }

    /** To the centimetre that is enough. */
    private static function upToCm(float $lengthM): string
    {
        return InWords::cm(ceil(100.0 * $lengthM) / 100.0);
    }
}
