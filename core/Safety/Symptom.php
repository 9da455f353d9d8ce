<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * What is told of the body beside pain. Each stops the pulling.
 */
enum Symptom: string
{
    case Numbness = 'numbness';
    case Dizziness = 'dizziness';
    case DarkUrine = 'dark-urine';
    case Swelling = 'swelling';
    case Chest = 'chest';

    public function words(): string
    {
        return match ($this) {
            self::DarkUrine => 'dark urine',
            self::Swelling => 'severe swelling',
            self::Chest => 'chest symptoms',
            default => $this->value,
        };
    }

    /** Whether it means emergency care at once. */
    public function isUrgent(): bool
    {
        return $this !== self::Numbness;
    }
}
