<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

/**
 * Force of a stretched loop, F(λ) = a1·(λ − λ⁻²) + a2·(1 − λ⁻³) in N for stretch λ > 1, else 0
 * (Mooney 1940, Rivlin 1948).
 */
final readonly class RubberLaw
{
    /** a2/a1 of the usual shape, from a fit to Treloar 1944 below stretch 2.5 (memory). */
    public const USUAL_RATIO = 1.16;

    /** Rubber gives back this part less than it took, on the way up (common practice: 5–10 %). */
    public const HYSTERESIS = 0.07;

    /** Small-strain modulus of layered natural rubber in Pa (common practice, no single source). */
    private const MODULUS_PA = 0.55e6;

    public function __construct(public float $hungLengthM, public float $a1N, public float $a2N)
    {
    }

    /** The usual shape with a1 = scaleN. */
    public static function usual(float $hungLengthM, float $scaleN): self
    {
        return new self($hungLengthM, $scaleN, self::USUAL_RATIO * $scaleN);
    }

    /** The usual shape from the rubber's cross-section, a1 + a2 = 2·w·t·G for the two strands of a loop. */
    public static function fromSize(float $hungLengthM, float $widthMm, float $thicknessMm): self
    {
        $smallStrainN = 2.0 * $widthMm * $thicknessMm * 1e-6 * self::MODULUS_PA;

        return self::usual($hungLengthM, $smallStrainN / (1.0 + self::USUAL_RATIO));
    }

    public static function neoHookeanPart(float $stretch): float
    {
        return $stretch - $stretch ** -2;
    }

    public static function mooneyPart(float $stretch): float
    {
        return 1.0 - $stretch ** -3;
    }

    public static function usualShape(float $stretch): float
    {
        return self::neoHookeanPart($stretch) + self::USUAL_RATIO * self::mooneyPart($stretch);
    }

    public function forceN(float $lengthM): float
    {
        $stretch = $lengthM / $this->hungLengthM;

        return $stretch <= 1.0 ? 0.0 : $this->a1N * self::neoHookeanPart($stretch) + $this->a2N * self::mooneyPart($stretch);
    }

    /** The scale a1 of the usual shape with the same force at small strain, in N. */
    public function scaleN(): float
    {
        return ($this->a1N + $this->a2N) / (1.0 + self::USUAL_RATIO);
    }

    /** dF/dL in N/m at a length. */
    public function stiffnessNPerM(float $lengthM): float
    {
        $stretch = max(1.0, $lengthM / $this->hungLengthM);

        return ($this->a1N * (1.0 + 2.0 * $stretch ** -3) + 3.0 * $this->a2N * $stretch ** -4) / $this->hungLengthM;
    }

    /** Work in J between two lengths, ∫F dL in closed form, the slack part counting nothing. */
    public function workJ(float $fromM, float $toM): float
    {
        return $this->storedJ($toM) - $this->storedJ($fromM);
    }

    /** Whether force grows with stretch all the way from 1 to the given stretch. */
    public function isIncreasingTo(float $stretch): bool
    {
        // λ⁴·dF/dλ = a1·(λ⁴ + 2λ) + 3·a2 is monotone in λ, so its ends decide.
        $slope = fn (float $at): float => $this->a1N * ($at ** 4 + 2.0 * $at) + 3.0 * $this->a2N;

        return $slope(1.0) > 0.0 && $slope($stretch) > 0.0;
    }

    private function storedJ(float $lengthM): float
    {
        $stretch = max(1.0, $lengthM / $this->hungLengthM);

        return $this->hungLengthM * (
            $this->a1N * ($stretch ** 2 / 2.0 + 1.0 / $stretch) + $this->a2N * ($stretch + 0.5 * $stretch ** -2)
        );
    }
}
