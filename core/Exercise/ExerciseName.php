<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Exercise\Style\Width;
use SteadyRung\InWords;

/**
 * What coaches call an exercise.
 */
final class ExerciseName
{
    public static function of(ExecutionStyle $style, ChoiceKind $kind, string $setup): string
    {
        $done = self::done($style);
        $isStrict = $kind === ChoiceKind::Strict;

        return implode(', ', array_filter([
            $done === '' ? ($isStrict ? self::strict($style->grip) : $setup) : $done,
            $done === '' || $isStrict ? '' : $setup,
            $style->grip === Grip::Over || ($isStrict && $done === '') ? '' : self::grip($style->grip),
            $style->width === Width::Outside ? '' : self::width($style->width),
            self::up($style, $kind),
        ]));
    }

    private static function done(ExecutionStyle $style): string
    {
        $seconds = InWords::seconds($style->seconds ?? 0.0);

        return match ($style->movement) {
            Movement::Full => '',
            Movement::LowerHalf => 'Lower half',
            Movement::UpperHalf => 'Upper half',
            Movement::Lowering => "Lowering, $seconds",
            Movement::ShoulderBlade => 'Shoulder-blade pull',
            Movement::Hold => match ($style->at ?? HoldAt::Hang) {
                HoldAt::Hang => "Hang, $seconds",
                HoldAt::ActiveHang => "Active hang, $seconds",
                HoldAt::Middle => "Half-way hold, $seconds",
                HoldAt::Top => "Top hold, $seconds",
            },
        };
    }

    private static function strict(Grip $grip): string
    {
        return match ($grip) {
            Grip::Over => 'Unassisted pull-up',
            Grip::Under => 'Unassisted chin-up',
            default => 'Unassisted pull-up, '.self::grip($grip),
        };
    }

    private static function grip(Grip $grip): string
    {
        return match ($grip) {
            Grip::Over, Grip::Under, Grip::Mixed, Grip::Neutral => "$grip->value grip",
            Grip::Rings => 'on rings',
            Grip::Towel => 'on towels or rope',
        };
    }

    private static function width(Width $width): string
    {
        return match ($width) {
            Width::Shoulder => 'hands at shoulder width',
            Width::Outside => '',
            Width::Wide => 'wide',
            Width::Narrow => 'narrow',
        };
    }

    private static function up(ExecutionStyle $style, ChoiceKind $kind): string
    {
        return match (true) {
            $style->isUsualWayUp($kind) => '',
            $style->upBy === UpBy::Foot => 'feet up, none down',
            $style->upBy === UpBy::Hop => 'hop up, none down',
            default => "up by the {$style->upBy->value}",
        };
    }
}
