<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

use SteadyRung\Body\Body;
use SteadyRung\Body\Posture;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * Tells how the carried load of a row came about.
 */
final class RowWhy
{
    private const MOMENTS = 'moments about the heels of a rigid body';

    public static function of(RowPath $path, CarriedLoad $load, Body $body): Explanation
    {
        $start = $path->at(0.0);
        $finish = $path->at(1.0);

        return new Explanation(
            [
                new Step('Arm length', 'reach − 0.818 × height', $body->armM(), 'm'),
                new Step(
                    'Lean, arms straight',
                    'body from the vertical; strap and arm in one line from the anchor',
                    $start->leanDeg(),
                    '°',
                    'two circles meet',
                ),
                new Step('Lean, pulled in', 'chest at the hands', $finish->leanDeg(), '°'),
                new Step(
                    'Centre of mass',
                    'from the heels, arms forward',
                    $body->centreM(Posture::ArmsForward),
                    'm',
                    'Dempster 1955, in Winter (memory)',
                ),
                new Step('Lever of the strap', 'from the heels, at right angles, arms straight', $start->leverM, 'm'),
                new Step('Carried, arms straight', self::MOMENTS, CarriedLoad::kg($load->bottomN), 'kg'),
                new Step('Carried, pulled in', self::MOMENTS, CarriedLoad::kg($load->topN), 'kg'),
                new Step('Carried, mean', 'over the way in', CarriedLoad::kg($load->meanN), 'kg'),
                new Step('Carried share', 'carried ÷ bodyweight', 100 * $load->share(), '%'),
            ],
            [sprintf('Carried share ± %.1f points, most of it from taking the body as one rigid piece.', 100 * $load->shareSd)],
            ['Keep the heel mark and the strap mark, and the row is the same next week.'],
        );
    }
}
