<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Context\Floor\ChangeFeed;

/**
 * Nobody looks on while the demo is filled, and athletes filled beside one another do not wait for the gym's number.
 */
final readonly class UntoldNews extends ChangeFeed
{
    public function tell(string $athleteId): void
    {
    }
}
