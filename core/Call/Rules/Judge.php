<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;

/**
 * Makes the one call of a situation: the first rule that fires, in the verdicts' order of precedence.
 */
final class Judge
{
    /** What was nearly fired is told too, but beside a referral nothing speaks of climbing. */
    public static function call(Situation $situation): Call
    {
        $call = null;
        $nearly = [];
        foreach (self::rules() as $rule) {
            $finding = $rule->look($situation);
            $call ??= $finding->call;
            if ($finding->firing === Firing::Nearly) {
                $nearly[] = new NearlyFired($rule->verdict(), $rule->name(), $finding->evidence);
            }
        }

        return ($call?->verdict === Verdict::Refer ? $call : $call?->besides($nearly))
            ?? throw new \LogicException('The last rule always fires.');
    }

    /** @return list<Rule> in order of precedence */
    public static function rules(): array
    {
        $rules = [
            new Stay, new ReferForBody, new RestWhenSore, new RestWhenFallingOff, new StepDownBelowFloor, new StepDownUnclean,
            new SwitchExercise, new ClimbByDate, new ClimbWhenTried, new ClimbWhenGateMet, new ClimbWhenEasy, new TestWhenBuilderEnds, new TestWhenLikely,
        ];
        usort($rules, static fn (Rule $a, Rule $b): int => $a->verdict()->rank() <=> $b->verdict()->rank());

        return $rules;
    }
}
