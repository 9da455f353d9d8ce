<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Strength\RepPrediction;

/**
 * As much of what a line asks as is likely.
 */
final class Likely
{
    /** The amount itself where its least is as likely as not in a first set; else what is likely, up to what is asked. */
    public static function of(Amount $amount, RepPrediction $reps): Amount
    {
        if ($amount->measure !== Measure::Reps || $amount->low <= $reps->median()) {
            return $amount;
        }
        $low = max(1, (int) floor($reps->low80()));

        return Amount::of(Measure::Reps, $low, max($low, min($amount->high, (int) floor($reps->high80()))));
    }
}
