<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

/**
 * The rubber law through readings of the scale, by weighted least squares with a prior on its shape (ridge, also called
 * generalised Tikhonov): a2/a1 = 1.16 ± 0.5 (Treloar 1944 below stretch 2.5; memory), readings good to 2 % of force and 1 cm of
 * length. The covariance of the fit says how well the force is known at any length.
 */
final readonly class BandFit
{
    private const RATIO_SD = 0.5;

    private const FORCE_SD = 0.02;

    private const LENGTH_SD_M = 0.01;

    /** Weights depend on the law they lead to; after so many rounds nothing moves. */
    private const ROUNDS = 6;

    /**
     * @param  array{float, float, float}  $covariance of a1 with itself, of both, of a2 with itself, in N²
     */
    private function __construct(public RubberLaw $law, private array $covariance)
    {
    }

    /** @param  non-empty-list<CalibrationPoint>  $points all stretched */
    public static function through(float $hungM, array $points): self
    {
        $fit = new self(RubberLaw::usual($hungM, self::usualScaleN($hungM, $points)), [0.0, 0.0, 0.0]);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $fit = self::weighted($fit->law, $points);
        }

        return $fit;
    }

    /** Standard deviation in N of the force at a length. */
    public function sdNAt(float $lengthM): float
    {
        $stretch = max(1.0, $lengthM / $this->law->hungLengthM);
        $u = RubberLaw::neoHookeanPart($stretch);
        $v = RubberLaw::mooneyPart($stretch);
        [$uu, $uv, $vv] = $this->covariance;

        return sqrt(max(0.0, $uu * $u * $u + 2.0 * $uv * $u * $v + $vv * $v * $v));
    }

    /** @param  non-empty-list<CalibrationPoint>  $points */
    private static function usualScaleN(float $hungM, array $points): float
    {
        return array_sum(array_map(
            static fn (CalibrationPoint $p): float => $p->forceN / RubberLaw::usualShape($p->lengthM / $hungM),
            $points,
        )) / count($points);
    }

    /**
     * The normal equations of two unknowns, solved by Cramer's rule; the errors of the readings and of the prior's ratio are taken
     * from the law before.
     *
     * @param  non-empty-list<CalibrationPoint>  $points
     */
    private static function weighted(RubberLaw $before, array $points): self
    {
        $prior = (self::RATIO_SD * abs($before->scaleN())) ** -2;
        $uu = RubberLaw::USUAL_RATIO ** 2 * $prior;
        $uv = -RubberLaw::USUAL_RATIO * $prior;
        $vv = $prior;
        $uf = $vf = 0.0;
        foreach ($points as $point) {
            $stretch = $point->lengthM / $before->hungLengthM;
            $u = RubberLaw::neoHookeanPart($stretch);
            $v = RubberLaw::mooneyPart($stretch);
            $weight = 1.0 / ((self::FORCE_SD * $point->forceN) ** 2 + (self::LENGTH_SD_M * $before->stiffnessNPerM($point->lengthM)) ** 2);
            $uu += $weight * $u * $u;
            $uv += $weight * $u * $v;
            $vv += $weight * $v * $v;
            $uf += $weight * $u * $point->forceN;
            $vf += $weight * $v * $point->forceN;
        }
        $det = $uu * $vv - $uv * $uv;

        return new self(
            new RubberLaw($before->hungLengthM, ($uf * $vv - $vf * $uv) / $det, ($uu * $vf - $uv * $uf) / $det),
            [$vv / $det, -$uv / $det, $uu / $det],
        );
    }
}
