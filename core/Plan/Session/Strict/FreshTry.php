<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Strict;

use SteadyRung\Exercise\Practice;
use SteadyRung\InWords;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\Refusal;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\Watch;

/**
 * The next number of strict reps before anything else, fresh: a try at the first, a test where it is as likely as not.
 */
final readonly class FreshTry
{
    private const REST_S = 180;

    /** @return list<Block> none where it is not worth it, or the last one is not long enough ago */
    public static function blocks(AthleteContext $context, Course $course, ?Refusal $refused): array
    {
        $goal = $refused !== null || $context->isEased() ? null : StrictGoal::of($context);
        $over = BuilderOver::of($context);
        $ends = $over !== null && ! $over->isTested;
        if ($goal === null || ! ($ends || self::isDue($context, $course, $goal))) {
            return [];
        }

        return [new Block(
            part: SessionPart::Test,
            do: $goal->strict,
            sets: 1,
            amount: Amount::of(Measure::Reps, $ends ? $context->mostStrict() + 1 : $goal->reps),
            restS: self::REST_S,
            toFailure: $ends,
            expected: array_filter([$context->estimate($goal->strict)->onRung($goal->strict)]),
            cues: Practice::of($goal->strict->exercise)->cues,
            cautions: Watch::of($goal->strict, $goal->reps),
            purpose: $ends || $goal->isTest() ? Purpose::Test : Purpose::Try,
            note: $ends
                ? $over->words().' As many strict reps as there are, first and fresh.'
                : sprintf('%s: %s. First, fresh; a miss does no harm.', $goal->words(), InWords::chance($goal->chance)),
        )];
    }

    /** A first rep is tried before it is likely, unless strict reps are the work anyhow; more of them are tested. */
    private static function isDue(AthleteContext $context, Course $course, StrictGoal $goal): bool
    {
        $isFirst = $goal->reps === 1;
        $isWork = $course->now->rung !== null && $course->now->rung->exercise->isStrictPull();

        return $goal->isDue && ($isFirst ? ! $isWork : $goal->isTest());
    }
}
