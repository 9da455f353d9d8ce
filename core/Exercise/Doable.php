<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

use SteadyRung\Exercise\Choices\ChoiceKind;

/**
 * What can be done on what, and how it can be held: one row for each kind of set-up.
 */
final class Doable
{
    private const ANY_PART = [Movement::Full, Movement::LowerHalf, Movement::UpperHalf, Movement::Lowering, Movement::Hold, Movement::ShoulderBlade];

    private const ON_FEET = [Movement::Full, Movement::LowerHalf, Movement::UpperHalf, Movement::Lowering, Movement::Hold];

    private const ON_CABLE = [Movement::Full, Movement::LowerHalf, Movement::UpperHalf];

    /** @return list<Movement> */
    public static function movements(ChoiceKind $kind): array
    {
        return match ($kind) {
            ChoiceKind::Strict, ChoiceKind::Band, ChoiceKind::Counterweight, ChoiceKind::Added => self::ANY_PART,
            ChoiceKind::Row, ChoiceKind::Foot, ChoiceKind::LowBar => self::ON_FEET,
            ChoiceKind::PullDown, ChoiceKind::BandPullDown => self::ON_CABLE,
            ChoiceKind::Hop => [Movement::Full],
        };
    }

    /** @return list<Grip> */
    public static function grips(ChoiceKind $kind): array
    {
        return match ($kind) {
            ChoiceKind::PullDown, ChoiceKind::BandPullDown => [Grip::Over, Grip::Under, Grip::Neutral, Grip::Towel],
            default => Grip::cases(),
        };
    }

    /**
     * The usual way first.
     *
     * @return non-empty-list<UpBy>
     */
    public static function waysUp(ChoiceKind $kind, Movement $movement): array
    {
        return match (true) {
            $movement === Movement::Lowering => [UpBy::Step, UpBy::Foot, UpBy::Hop, UpBy::Pull],
            $movement === Movement::Hold => [UpBy::Step, UpBy::Pull, UpBy::Foot, UpBy::Hop],
            $movement === Movement::Full && in_array($kind, [ChoiceKind::Strict, ChoiceKind::Band, ChoiceKind::Added], true) => [UpBy::Pull, UpBy::Foot, UpBy::Hop],
            default => [UpBy::Pull],
        };
    }
}
