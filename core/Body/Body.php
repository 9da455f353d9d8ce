<?php

declare(strict_types=1);

namespace SteadyRung\Body;

use SteadyRung\Gravity;
use SteadyRung\InWords;
use SteadyRung\OutOfRange;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * An athlete's body as far as hanging and pulling need it.
 */
final readonly class Body
{
    public const MASS_KG = [20.0, 300.0];

    public const STATURE_M = [1.0, 2.3];

    /** A measured grip reach, as a part of stature; beyond this it is a misreading. */
    public const REACH_PER_STATURE = [1.05, 1.35];

    /** Widest measured reach over all statures. */
    public const REACH_M = [1.05, 3.105];

    /** Spread of reach between people of one stature, and of a tape reading (common practice). */
    private const ESTIMATED_REACH_SD_PER_STATURE = 0.018;

    private const MEASURED_REACH_SD_M = 0.01;

    public const VALID_FROM_M = 1.40;

    public const VALID_FROM_KG = 40.0;

    /** Bars and anchors of a gym are commonly rated for half more than this (common practice). */
    private const HEAVY_KG = 150.0;

    private function __construct(
        public float $massKg,
        public float $statureM,
        public float $reachM,
        public ReachSource $reachSource,
        public SegmentTable $proportions,
        public PullTop $top = PullTop::Chin,
    ) {
    }

    /**
     * A body of mass 20–300 kg and stature 1.00–2.30 m; a measured reach of 1.05–1.35 statures replaces the estimate 1.204·H.
     *
     * @throws OutOfRange if any of them is outside its range
     */
    public static function of(
        float $massKg,
        float $statureM,
        ?float $reachM = null,
        SegmentTable $proportions = SegmentTable::Average,
    ): self {
        $reachRange = array_map(static fn (float $part): float => $part * $statureM, self::REACH_PER_STATURE);
        $statureFits = $statureM >= self::STATURE_M[0] && $statureM <= self::STATURE_M[1];
        OutOfRange::guard([
            'mass_kg' => [$massKg, self::MASS_KG],
            'stature_m' => [$statureM, self::STATURE_M],
            'reach_m' => [$reachM, $statureFits ? $reachRange : self::REACH_M],
        ]);

        return new self(
            $massKg,
            $statureM,
            $reachM ?? Proportions::GRIP_REACH * $statureM,
            $reachM === null ? ReachSource::Estimated : ReachSource::Measured,
            $proportions,
        );
    }

    /** Weight m·g in N. */
    public function weightN(): float
    {
        return $this->massKg * Gravity::M_PER_S2;
    }

    /** Standard deviation of the reach in m: 1.8 % of stature when estimated, 1 cm when measured (common practice). */
    public function reachSdM(): float
    {
        return $this->reachSource === ReachSource::Measured
            ? self::MEASURED_REACH_SD_M
            : self::ESTIMATED_REACH_SD_PER_STATURE * $this->statureM;
    }

    /** Arm length R − 0.818·H in m, shoulder to grip. */
    public function armM(): float
    {
        return $this->reachM - Proportions::SHOULDER_HEIGHT * $this->statureM;
    }

    /** Pull distance R − 0.870·H in m, full hang to chin at the bar; R − 0.745·H to the chest. */
    public function pullDistanceM(): float
    {
        return $this->reachM - $this->top->heightPerStature() * $this->statureM;
    }

    /** The same body, pulled to the chest or to the chin. */
    public function pulledTo(PullTop $top): self
    {
        return $top === $this->top
            ? $this
            : new self($this->massKg, $this->statureM, $this->reachM, $this->reachSource, $this->proportions, $top);
    }

    /** A height of the body over the floor, standing, from its part of stature, in m. */
    public function heightM(float $perStature): float
    {
        return $perStature * $this->statureM;
    }

    /** Moment about a joint of what lies above it in the straight body, level, over bodyweight, in m. */
    public function momentM(Posture $posture, Pivot $pivot): float
    {
        return $this->segments()->momentPerStature($posture, $pivot) * $this->statureM;
    }

    public function segments(): Segments
    {
        return Segments::of($this->proportions);
    }

    /** Centre of mass over the heels of the straight body, in m. */
    public function centreM(Posture $posture): float
    {
        return $this->segments()->centrePerStature($posture) * $this->statureM;
    }

    /**
     * The lengths everything else is computed from, each with its source.
     *
     * @return list<Proportion>
     */
    public function proportions(): array
    {
        $measured = $this->reachSource === ReachSource::Measured;
        $tabled = fn (string $name, float $part): Proportion => new Proportion($name, $this->heightM($part), $part, Proportions::SOURCE);
        $fromReach = $measured ? 'from the measured reach' : 'from the estimated reach';

        return [
            new Proportion(
                'Grip reach, fist overhead',
                $this->reachM,
                $measured ? null : Proportions::GRIP_REACH,
                $measured ? 'this athlete, measured' : Proportions::SOURCE,
            ),
            new Proportion('Arm, shoulder to grip', $this->armM(), null, $fromReach),
            new Proportion("Pull distance, {$this->top->value} to bar", $this->pullDistanceM(), null, $fromReach),
            $tabled('Chin height', Proportions::CHIN_HEIGHT),
            $tabled('Shoulder height', Proportions::SHOULDER_HEIGHT),
            $tabled('Chest height, at the bar', Proportions::CHEST_HEIGHT),
            $tabled('Hip height', Proportions::HIP_HEIGHT),
            $tabled('Knee height', Proportions::KNEE_HEIGHT),
            new Proportion(
                'Centre of mass, standing',
                $this->centreM(Posture::ArmsDown),
                $this->segments()->centrePerStature(Posture::ArmsDown),
                $this->proportions->source(),
            ),
        ];
    }

    /** Whether proportions and bands were ever compared with measured people of this size (1.40 m and 40 kg, and more). */
    public function isSmall(): bool
    {
        return $this->statureM < self::VALID_FROM_M || $this->massKg < self::VALID_FROM_KG;
    }

    /** Whether gear must be looked at before it is trusted with this body. */
    public function isHeavy(): bool
    {
        return $this->massKg > self::HEAVY_KG;
    }

    /** The same body with another reach, to see what an error of the reach does. */
    public function withReach(float $reachM): self
    {
        return new self($this->massKg, $this->statureM, $reachM, $this->reachSource, $this->proportions, $this->top);
    }

    public function whyPullDistance(): Explanation
    {
        $measured = $this->reachSource === ReachSource::Measured;

        return new Explanation(
            [
                new Step(
                    'Grip reach',
                    $measured ? 'measured, floor to the middle of a closed fist overhead' : '1.204 × height',
                    $this->reachM,
                    'm',
                    $measured ? 'this athlete, measured' : Proportions::SOURCE,
                ),
                new Step(
                    'Pull distance',
                    sprintf('reach − %.3f × height: full hang to %s at the bar', $this->top->heightPerStature(), $this->top->value),
                    $this->pullDistanceM(),
                    'm',
                    Proportions::SOURCE,
                ),
            ],
            [sprintf('Reach ± %s.', InWords::wholeCm($this->reachSdM()))],
            $measured ? [] : ['Measure the reach.'],
        );
    }
}
