<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

enum PainPlace: string
{
    case Shoulder = 'shoulder';
    case Elbow = 'elbow';
    case Wrist = 'wrist';
    case Fingers = 'fingers';
    case Neck = 'neck';
    case Back = 'back';
    case Chest = 'chest';
    case Other = 'other';

    /** Whether pain there may be an emergency. */
    public function isUrgent(): bool
    {
        return $this === self::Chest;
    }
}
