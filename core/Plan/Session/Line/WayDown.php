<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Amount;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Strength\Reps\Seconds;

/**
 * How many sets of hops, from the first, go down under control and so count as lowering, and how long a set may then be; the others are
 * ridden down.
 */
final readonly class WayDown
{
    private function __construct(public Amount $amount, public int $brakedSets, public ?string $words)
    {
    }

    /**
     * @param  int|string  $left  lowerings that may be written yet, or why none
     */
    public static function of(AthleteContext $context, Rung $rung, int $sets, Amount $amount, int|string $left): self
    {
        if ($rung->exercise->setup->kind() !== ChoiceKind::Hop) {
            return new self($amount, 0, null);
        }
        $room = is_string($left) ? 0 : $left;
        $written = $room > 0 && $context->rules->says(HouseRule::HopsDown, 'always-controlled') && $amount->high > $room
            ? $amount->atMost($room)
            : $amount;
        $isBraked = $context->rules->brakesHops($written->high) && self::isControlled($context);
        $braked = $isBraked ? min($sets, intdiv($room, $written->high)) : 0;

        return new self($written, $braked, match (true) {
            $braked === 0 => 'Ride the way down, do not brake it.',
            $braked < $sets => sprintf(
                'Control the way down in the first %s: it counts as lowering. Ride it in the others.',
                $braked === 1 ? 'set' : "$braked sets",
            ),
            default => 'Control the way down: it counts as lowering.',
        });
    }

    /** Whether the athlete is expected to control an unassisted lowering. */
    private static function isControlled(AthleteContext $context): bool
    {
        $lowering = $context->ways->rung(Exercise::of(new StrictPull, Movement::Lowering, seconds: Seconds::FIRST_S));

        return $lowering instanceof Rung && $context->estimate($lowering)->secondsOn($lowering)?->isControlled() === true;
    }
}
