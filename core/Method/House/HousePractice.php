<?php

declare(strict_types=1);

namespace SteadyRung\Method\House;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Practice;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Strength\RepPrediction;

/**
 * How an exercise is done in this house: the tempo of a pull, and the cues that the rules add to the usual ones.
 */
final class HousePractice
{
    private const TEMPO = ['fast' => 'fast up, two seconds down', 'paused' => 'slow up, a pause at both ends'];

    /** Seconds of a rep that pauses at both ends, where another takes four (ours). */
    public const PAUSED_REP_S = 7.0;

    /** So much of the capacity is left for reps that pause at both ends (ours: about a rep in eight). */
    private const PAUSED_LEFT = 0.95;

    private const CUES = [
        'path' => ['straight' => 'Straight up: the elbows go down, the bar stays close.'],
        'bottom' => ['straight-slack' => 'Straight elbows at the bottom, shoulders let go.'],
        'top' => ['chest' => 'Chest to the bar: short of it is no rep.'],
        'width' => ['shoulder' => 'Hands at the width of the shoulders.', 'wide' => 'Hands wide.'],
    ];

    private const HANGING = ['slack' => 'Hang long: the shoulders let go.'];

    private const CROSSED = 'Ankles crossed behind, the free leg over the band.';

    public static function of(Exercise $exercise, HouseRules $rules): Practice
    {
        $usual = Practice::of($exercise);

        return $usual->with(self::tempo($exercise, $rules) ?? $usual->tempo, self::cues($exercise, $rules));
    }

    /** None where the house has no tempo of its own for it. */
    public static function tempo(Exercise $exercise, HouseRules $rules): ?string
    {
        return self::isPulled($exercise) ? self::TEMPO[$rules->position(HouseRule::WayUp)] ?? null : null;
    }

    /** Reps to expect on an exercise as the house has them done: pauses cost some. */
    public static function paced(?RepPrediction $reps, Exercise $exercise, HouseRules $rules): ?RepPrediction
    {
        return self::isPaused($exercise, $rules) ? $reps?->with(self::PAUSED_LEFT) : $reps;
    }

    /** Whether reps of it pause at both ends here. */
    public static function isPaused(Exercise $exercise, HouseRules $rules): bool
    {
        return self::isPulled($exercise) && $rules->says(HouseRule::WayUp, 'paused');
    }

    /** Gone up by the pull alone: what help takes up, no rule slows. */
    private static function isPulled(Exercise $exercise): bool
    {
        $style = $exercise->style;

        return $exercise->setup->kind() !== ChoiceKind::Hop
            && ! $style->movement->isTimed()
            && $style->movement !== Movement::ShoulderBlade
            && $style->upBy === UpBy::Pull;
    }

    /** @return list<string> what the rules add, where they are not as usual */
    public static function cues(Exercise $exercise, HouseRules $rules): array
    {
        $kind = $exercise->setup->kind();
        if ($exercise->style->at === HoldAt::Hang) {
            return array_filter([self::HANGING[$rules->position(HouseRule::HangShoulders)] ?? null]);
        }
        if ($kind->lane() !== Lane::Pull || ! self::isPulled($exercise)) {
            return [];
        }
        $cues = array_map(
            static fn (string $rule): ?string => self::CUES[$rule][$rules->position(HouseRule::from($rule))] ?? null,
            array_keys(self::CUES),
        );

        return array_values(array_filter([
            ...$cues,
            $kind === ChoiceKind::Band && $rules->says(HouseRule::Legs, 'crossed') ? self::CROSSED : null,
        ]));
    }
}
