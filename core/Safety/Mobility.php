<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * What is done until the arms come overhead, two or three times a week, never into pain (common practice).
 */
enum Mobility: string
{
    case BackReach = 'back-reach';
    case ChestOverRoll = 'chest-over-roll';
    case BoxPrayer = 'box-prayer';
    case WallSlide = 'wall-slide';
    case BladePushUp = 'blade-push-up';

    public function name(): string
    {
        return match ($this) {
            self::BackReach => 'Lying reach overhead',
            self::ChestOverRoll => 'Chest over a rolled towel',
            self::BoxPrayer => 'Kneeling stretch, elbows on a box',
            self::WallSlide => 'Wall slide',
            self::BladePushUp => 'Push-up of the shoulder blades',
        };
    }

    public function dose(): string
    {
        return match ($this) {
            self::ChestOverRoll => '2 × 60 s',
            self::BoxPrayer => '2 × 30 s',
            default => '2 × 8',
        };
    }

    public function cue(): string
    {
        return match ($this) {
            self::BackReach => 'Back flat, ribs down; reach only as far as both stay.',
            self::ChestOverRoll => 'Breathe out long; let the upper back open, not the lower back.',
            self::BoxPrayer => 'Sink between the arms, ribs drawn in.',
            self::WallSlide => 'Forearms on the wall; stop where the ribs flare.',
            self::BladePushUp => 'Elbows straight; only the blades move.',
        };
    }
}
