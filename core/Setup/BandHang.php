<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;

/**
 * The lengths a band is pulled to, bar to foot or knee: at the hang (bottom) and with the chin at the bar (top), in m.
 */
final readonly class BandHang
{
    public function __construct(public float $bottomM, public float $topM, public float $kneesBendByM)
    {
    }

    public static function of(BandHelp $help, Body $body): self|DoesNotFit
    {
        $kneeLengthM = $body->reachM - $body->heightM(Proportions::KNEE_HEIGHT);
        if ($help->barHeightM - $help->clearanceM < $kneeLengthM) {
            return DoesNotFit::barTooLow($help->barHeightM, $kneeLengthM + $help->clearanceM);
        }
        $hang = self::lengths($help, $body);
        foreach ($help->bands as $band) {
            $stretch = $hang->bottomM / $band->hungLengthM();
            if ($stretch > BandHelp::MOST_STRETCH) {
                return DoesNotFit::stretchTooHigh($band->name, $stretch, BandHelp::MOST_STRETCH);
            }
            if ($stretch <= 1.0) {
                return DoesNotFit::noHelp($band->name, $band->hungLengthM(), $hang->bottomM);
            }
        }
        $helpN = $help->forceN($hang->bottomM);

        return $helpN > $body->weightN()
            ? DoesNotFit::liftsOff(CarriedLoad::kg($helpN), $body->massKg)
            : $hang;
    }

    /** The lengths whether or not they fit: foot L = R, limited by the bar (then the knees bend); knee L = R − 0.285·H. */
    public static function lengths(BandHelp $help, Body $body): self
    {
        $romM = $body->pullDistanceM();
        $wantedM = $help->attach === Attach::Foot ? $body->reachM : $body->reachM - $body->heightM(Proportions::KNEE_HEIGHT);
        $bottomM = min($wantedM, $help->barHeightM - $help->clearanceM);

        return new self($bottomM, $bottomM - $romM, $wantedM - $bottomM);
    }
}
