<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Formats\Audit\AuditEvent;
use App\Formats\Audit\Change;
use App\Models\Audit\AuditEntry;
use App\Models\Gym\User;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Spatie\Activitylog\ActivityLogger;

/**
 * Keeps that something was done.
 */
final readonly class NoteDone
{
    public function __construct(private ActivityLogger $logger, private ClockInterface $clock)
    {
    }

    /** @param  array{string, string}|null  $about  what it is, and its id */
    public function note(AuditEvent $event, User $by, ?array $about = null, ?Change $change = null): void
    {
        $this->logger->tap(function (AuditEntry $entry) use ($event, $by, $about, $change): void {
            $entry->forceFill([
                'id' => (string) Str::uuid7(),
                'gym_id' => $by->gym_id,
                'event' => $event,
                'causer_id' => $by->id,
                'token_id' => $by->script()?->id,
                'about_kind' => $about[0] ?? null,
                'about_id' => $about[1] ?? null,
                'properties' => $change?->kept(),
                'created_at' => $this->clock->now(),
            ]);
        })->log($event->value);
    }
}
