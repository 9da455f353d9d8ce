<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

enum PainPlace: string
{
    case Shoulder = 'shoulder';
    case Elbow = 'elbow';
    case Wrist = 'wrist';
    case Neck = 'neck';
    case Back = 'back';
    case Ribs = 'ribs';
    case Chest = 'chest';
    case Hip = 'hip';
    case Knee = 'knee';
    case Head = 'head';
    case Other = 'other';

    public function words(): string
    {
        return $this === self::Wrist ? 'wrist or hand' : $this->value;
    }

    /** Whether pain there may be an emergency. */
    public function isUrgent(): bool
    {
        return $this === self::Chest || $this === self::Head;
    }
}
