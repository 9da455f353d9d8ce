<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Practice;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\InWords;
use SteadyRung\Method\Amount;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\Refusal;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Strength\StrictTry;

/**
 * One strict rep before anything else.
 */
final readonly class FreshTry
{
    private const REST_S = 180;

    /** From an even chance on it is a test. */
    private const TEST_CHANCE = 0.5;

    public function __construct(private AthleteContext $context, private Course $course)
    {
    }

    /**
     * A strict try or a test, fresh, where it is worth it and the last one is long enough ago.
     *
     * @return list<Block>
     */
    public function blocks(?Refusal $refused): array
    {
        $strict = $this->context->ways->rung(Exercise::of(new StrictPull, grip: $this->grip()));
        $inUse = $this->course->now->rung;
        if (! $strict instanceof Rung || $refused !== null || $this->context->isSore() || ($inUse !== null && Pick::isStrict($inUse))) {
            return [];
        }
        $state = $this->context->believed($strict)->state;
        $last = $this->context->diary->lastTry();
        if ($state === null || ! StrictTry::isDue($state, $last === null ? null : $this->context->today - $last)) {
            return [];
        }
        $chance = StrictTry::chance($state);
        $isTest = $chance >= self::TEST_CHANCE;

        return [new Block(
            part: SessionPart::Test,
            do: $strict,
            sets: 1,
            amount: Amount::of(Measure::Reps, 1),
            restS: self::REST_S,
            expected: array_filter([$this->context->estimate($strict)->onRung($strict)]),
            cues: Practice::of($strict->exercise)->cues,
            cautions: Watch::of($strict, 1),
            purpose: $isTest ? Purpose::Test : Purpose::Try,
            note: sprintf(
                'One strict rep%s: %s. First, fresh; a miss does no harm.',
                $strict->exercise->style->grip === Grip::Under ? ', chin-up grip' : '',
                InWords::chance($chance),
            ),
        )];
    }

    /** Under the bar first, where the house begins so, until one such rep was done. */
    private function grip(): Grip
    {
        $isDone = array_filter(
            $this->context->diary->done,
            static fn (Done $d): bool => $d->kind === ChoiceKind::Strict
                && $d->style->movement === Movement::Full
                && $d->style->grip === Grip::Under
                && $d->reps > 0,
        ) !== [];

        return $this->context->rules->says(HouseRule::ChinGrip, 'chin-first') && ! $isDone ? Grip::Under : Grip::Over;
    }
}
