<?php

declare(strict_types=1);

namespace App\Models\Gym;

/**
 * What somebody is in a gym, and so what they may do there.
 */
enum Role: string
{
    case Owner = 'owner';
    case Coach = 'coach';
    case Assistant = 'assistant';

    public function may(Right $right): bool
    {
        return in_array($right, $this->rights(), true);
    }

    /** @return list<Right> the whole table of who may do what */
    public function rights(): array
    {
        return match ($this) {
            self::Owner => Right::cases(),
            self::Coach => [Right::Log, Right::Coach, Right::Health, Right::Kit, Right::Rules],
            self::Assistant => [Right::Log],
        };
    }
}
