<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

/**
 * What the heels stand on.
 */
enum Floor: string
{
    case Unknown = 'unknown';
    case Rubber = 'rubber';
    case Wood = 'wood';
    case Vinyl = 'vinyl';

    /**
     * Coefficients of friction from which heels may slip, and slip: a shoe holds 0.8–1.0 on rubber, 0.4–0.6 on wood or vinyl
     * (memory); what is not known is taken as rubber.
     *
     * @return array{float, float}
     */
    public function grip(): array
    {
        return match ($this) {
            self::Unknown, self::Rubber => [0.5, 0.8],
            self::Wood, self::Vinyl => [0.3, 0.4],
        };
    }
}
