<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\InWords;
use SteadyRung\Normal;

/**
 * What strong bands can do to somebody: lift them off the hands, throw the feet up, and fight the mount.
 */
final readonly class BandHazard
{
    /** Help at the bottom, as a part of bodyweight, from which on an opening hand is dangerous (judgement). */
    private const STRONG_HELP = 0.70;

    /** Energy held at the hang, from which on the recoil is worth a warning (judgement). */
    private const STRONG_RECOIL_J = 150.0;

    /** A set-up likelier than this to lift off stands in no ladder. */
    public const MOST_LIFT_OFF = 0.05;

    private function __construct(
        public float $bottomHelpShare,
        public float $bottomSdShare,
        public float $recoilJ,
        public Mount $mount,
    ) {
    }

    /**
     * @param  float  $bottomN  the help at the bottom
     * @param  float  $storedJ  energy held at the hang
     */
    public static function of(float $bottomN, float $bottomSdN, float $storedJ, Mount $mount, Body $body): self
    {
        return new self($bottomN / $body->weightN(), $bottomSdN / $body->weightN(), $storedJ, $mount);
    }

    /** Chance that the bands pull harder at the bottom than bodyweight. */
    public function liftOff(): float
    {
        return $this->bottomSdShare > 0.0
            ? Normal::cdf(($this->bottomHelpShare - 1.0) / $this->bottomSdShare)
            : (float) ($this->bottomHelpShare >= 1.0);
    }

    /** Whether more than one in ten would be lifted off. */
    public function liftsOff(): bool
    {
        return $this->bottomHelpShare + Normal::Z90 * $this->bottomSdShare >= 1.0;
    }

    /** @return list<Warning> */
    public function warnings(): array
    {
        $warnings = [];
        if ($this->bottomHelpShare > self::STRONG_HELP) {
            $warnings[] = new Warning(
                WarningCode::FeetFlyUp,
                sprintf(
                    'The bands hold %.0f %% of bodyweight at the bottom: should the hands open, the feet stay up and the head falls first. A spotter, and a soft landing.',
                    100 * $this->bottomHelpShare,
                ),
            );
        }
        if ($this->liftOff() > self::MOST_LIFT_OFF) {
            $warnings[] = new Warning(
                WarningCode::MayLiftOff,
                sprintf(
                    '1 in %.0f that it lifts the athlete off at the bottom. Measure the band, or take a thinner one.',
                    1.0 / $this->liftOff(),
                ),
            );
        }
        if ($this->recoilJ > self::STRONG_RECOIL_J) {
            $warnings[] = new Warning(
                WarningCode::StrongRecoil,
                sprintf('A slipping foot lets the band hit hard (%.0f J). Face out of their line.', $this->recoilJ),
            );
        }
        if ($this->mount->isTooHigh()) {
            $warnings[] = new Warning(
                WarningCode::HighMount,
                sprintf('The hands reach this bar only from %s up: no box is so high. Take a lower bar.', InWords::cm($this->mount->boxM)),
            );
        }
        if ($this->mount->needsPartner()) {
            $warnings[] = new Warning(
                WarningCode::PartnerToMount,
                sprintf(
                    'It takes %s to hold the band at the thigh: a partner holds it for the foot to step in.',
                    InWords::kg($this->mount->handKg, 0),
                ),
            );
        }

        return $warnings;
    }
}
