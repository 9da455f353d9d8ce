<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

/**
 * What is seen in how a set is done, beside what makes a rep not count; each with the cue that answers it (common practice).
 */
enum FormFault: string
{
    case HipsSag = 'hips-sag';
    case ShouldersUp = 'shoulders-up';
    case ShoulderForward = 'shoulder-forward';
    case ChinReaches = 'chin-reaches';
    case UnevenWayDown = 'uneven-way-down';
    case StoodUp = 'stood-up';
    case LegsKick = 'legs-kick';

    public function words(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    public function cue(): string
    {
        return match ($this) {
            self::HipsSag => 'One line from heel to head: buttocks tight, ribs down.',
            self::ShouldersUp => 'Shoulders off the ears before the elbows bend.',
            self::ShoulderForward => 'Blades together; the shoulder does not roll forward.',
            self::ChinReaches => 'Eyes level: the chest comes up, the chin does not reach.',
            self::UnevenWayDown => 'One even way down, elbows straight at the end.',
            self::StoodUp => 'As little from the legs as gets you there; no standing up.',
            self::LegsKick => 'Stop the swing first; legs together, slightly in front.',
        };
    }
}
