<?php

declare(strict_types=1);

namespace SteadyRung\Call;

enum Confidence: string
{
    case Firm = 'firm';
    case Fair = 'fair';
    case Slight = 'slight';

    /** As a number from 0 to 1 (judgement). */
    public function number(): float
    {
        return match ($this) {
            self::Firm => 0.9,
            self::Fair => 0.7,
            self::Slight => 0.4,
        };
    }
}
