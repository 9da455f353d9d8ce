<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

use SteadyRung\Normal;

/**
 * What one set says of log capacity as seen through that set, with its variance.
 */
final readonly class Claim
{
    public function __construct(public Side $side, public float $logShare, public float $variance)
    {
    }

    /**
     * How it moves a belief of this mean and variance: a mean by pull·covariance, a covariance by −shrink·covariance², and the log of
     * how likely the claim was. Two-sided as Kalman 1960; one-sided by matching the moments of a probit: z = ±(mean − y)/√S,
     * h = φ(z)/Φ(z), pull ±h/√S, shrink h·(z + h)/S.
     */
    public function against(float $mean, float $variance): Pull
    {
        $total = $variance + $this->variance;
        $sd = sqrt($total);
        if ($this->side === Side::Exactly) {
            return new Pull(
                ($this->logShare - $mean) / $total,
                1.0 / $total,
                Normal::logDensity(($this->logShare - $mean) / $sd) - log($sd),
            );
        }
        $sign = $this->side === Side::AtLeast ? 1.0 : -1.0;
        $z = $sign * ($mean - $this->logShare) / $sd;
        $hazard = Normal::hazard($z);

        return new Pull($sign * $hazard / $sd, $hazard * ($z + $hazard) / $total, Normal::logCdf($z));
    }
}
