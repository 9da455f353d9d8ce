<?php

declare(strict_types=1);

namespace App\Actions\Erase;

use App\Context\Gym\CurrentGym;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Erases an athlete, wholly or not at all.
 */
final class EraseAthleteJob implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 60;

    public function __construct(private readonly string $gymId, private readonly string $erasureId)
    {
    }

    public function handle(CurrentGym $gym, EraseAthlete $erase): void
    {
        $gym->enter($this->gymId);
        $erase->asOrdered($this->erasureId);
    }

    public function failed(): void
    {
        app(CurrentGym::class)->enter($this->gymId);
        app(EraseAthlete::class)->stopped($this->erasureId);
    }
}
