<?php

declare(strict_types=1);

namespace SteadyRung\Call;

/**
 * Makes the one call of a situation: the rules in order of precedence, the first that fires.
 */
final class Judge
{
    public static function call(Situation $situation): Call
    {
        foreach ([new ReferForPain, new StepDownBelowFloor, new ClimbWhenGateMet] as $rule) {
            $call = $rule->judge($situation);
            if ($call !== null) {
                return $call;
            }
        }

        return (new Stay)->judge($situation);
    }
}
