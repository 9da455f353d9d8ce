<?php

declare(strict_types=1);

namespace App\Actions;

use App\Context\Gym\CurrentGym;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Follows what of an athlete's log was not followed yet; nothing where somebody looked first.
 */
final class FollowLogJob implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 60;

    public function __construct(private readonly string $gymId, private readonly string $athleteId)
    {
    }

    public function handle(CurrentGym $gym, RecalculateDue $due): void
    {
        $gym->enter($this->gymId);
        $due->now($this->athleteId);
    }
}
