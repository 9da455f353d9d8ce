<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Screening\ScreeningLook;
use App\Models\Screening\ScreeningRecord;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Keeps that a coach looked at the answers of a screen.
 */
final readonly class RecordLook
{
    public function __construct(private CurrentGym $gym, private ClockInterface $clock)
    {
    }

    /** @throws ModelNotFoundException if the athlete has no such screen */
    public function at(Athlete $athlete, string $screeningId, User $coach): void
    {
        $screen = ScreeningRecord::query()->where('athlete_id', $athlete->id)->findOrFail($screeningId);
        ScreeningLook::query()->create([
            'id' => (string) Str::uuid7(),
            'gym_id' => $this->gym->id(),
            'screening_id' => $screen->id,
            'user_id' => $coach->id,
            'looked_at' => $this->clock->now(),
        ]);
    }

    /** At all screens of an athlete, or of the gym. */
    public function atAllOf(?Athlete $athlete, User $coach): void
    {
        ScreeningLook::query()->insertUsing(
            ['id', 'gym_id', 'screening_id', 'user_id', 'looked_at'],
            ScreeningRecord::query()->when($athlete !== null, static fn ($q) => $q->where('athlete_id', $athlete?->id))
                ->toBase()->selectRaw('gen_random_uuid(), gym_id, id, ?::uuid, ?::timestamptz', [
                    $coach->id,
                    $this->clock->now()->format('Y-m-d H:i:s.uP'),
                ]),
        );
    }
}
