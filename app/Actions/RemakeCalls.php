<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Athlete;
use App\Models\CurrentGym;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Contracts\Foundation\Application;

/**
 * Makes open calls anew when the gear changed: after the answer went out, one athlete at a time, each under a lock of its own.
 */
final class RemakeCalls
{
    private bool $waiting = false;

    public function __construct(
        private readonly Application $app,
        private readonly HoldAthlete $athletes,
        private readonly CurrentGym $gym,
        private readonly MakeCall $calls,
        private readonly ExceptionHandler $faults,
    ) {
    }

    public function afterKitChange(): void
    {
        if ($this->waiting) {
            return;
        }
        $this->waiting = true;
        $gym = $this->gym->id();
        $this->app->terminating(function () use ($gym): void {
            if ($this->waiting) {
                $this->gym->enter($gym);
                $this->now();
            }
        });
    }

    public function now(): void
    {
        $this->waiting = false;
        $ids = Athlete::query()->whereNotNull('chosen')->whereNull('archived_at')->orderBy('id')->pluck('id');
        foreach ($ids as $id) {
            try {
                $this->athletes->during((string) $id, fn (Athlete $athlete) => $this->calls->afterKitChange($athlete));
            } catch (\Throwable $fault) {
                $this->faults->report($fault); // one athlete's fault leaves the others' calls as they should be
            }
        }
    }
}
