<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

/**
 * What the stack of a machine does.
 */
enum MachineUse: string
{
    case Counterweight = 'counterweight';
    case PullDown = 'pulldown';

    /** What such a machine does, as the end of a sentence about it. */
    public function words(): string
    {
        return match ($this) {
            self::Counterweight => 'lifts the athlete',
            self::PullDown => 'is pulled down',
        };
    }

    /** What such a machine is wanted for. */
    public function wanted(): string
    {
        return match ($this) {
            self::Counterweight => 'be lifted by',
            self::PullDown => 'pull down',
        };
    }
}
