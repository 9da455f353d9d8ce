<?php

declare(strict_types=1);

namespace App\Models\Gym;

/**
 * Why somebody was sent a link by which they choose a password.
 */
enum LinkPurpose: string
{
    case Invitation = 'invitation';
    case Forgotten = 'forgotten';

    public function hours(): int
    {
        return match ($this) {
            self::Invitation => 7 * 24,
            self::Forgotten => 1,
        };
    }
}
