<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\Gravity;
use SteadyRung\Kit\Box;

/**
 * Getting into the bands: what to stand on so that the hands reach the bar, and what one hand must hold with the loop at the
 * thigh for the foot to step in.
 */
final readonly class Mount
{
    /** One hand holds this while the other holds the bar (judgement). */
    public const MOST_HAND_KG = 15.0;

    private const MID_THIGH = (Proportions::HIP_HEIGHT + Proportions::KNEE_HEIGHT) / 2.0;

    private function __construct(public float $boxM, public float $handKg)
    {
    }

    /** @param  \Closure(float): float  $forceN  what the bands pull together at a length in m */
    public static function of(float $barHeightM, Body $body, \Closure $forceN): self
    {
        $boxM = max(0.0, $barHeightM - $body->reachM);
        $thighM = $barHeightM - $boxM - $body->heightM(self::MID_THIGH);

        return new self($boxM, $forceN($thighM) / Gravity::M_PER_S2);
    }

    public function isTooHigh(): bool
    {
        return $this->boxM > Box::HEIGHT_M[1];
    }

    public function needsPartner(): bool
    {
        return $this->handKg >= self::MOST_HAND_KG;
    }
}
