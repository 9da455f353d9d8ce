<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CurrentGym;
use App\Models\ScreeningLook;
use App\Models\ScreeningRecord;
use App\Models\User;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Keeps that a coach looked at the answers of a screen.
 */
final readonly class LookAtScreen
{
    public function __construct(private CurrentGym $gym, private ClockInterface $clock)
    {
    }

    public function at(ScreeningRecord $screen, User $coach): void
    {
        ScreeningLook::query()->create(['id' => (string) Str::uuid7(), 'gym_id' => $this->gym->id(), 'screening_id' => $screen->id, 'user_id' => $coach->id, 'looked_at' => $this->clock->now()]);
    }
}
