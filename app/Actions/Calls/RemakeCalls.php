<?php

declare(strict_types=1);

namespace App\Actions\Calls;

use App\Actions\LockAthlete;
use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Builder;

/**
 * Makes open calls anew when the gear changed: after the answer went out, one athlete at a time, each under a lock of its own;
 * who looks at an athlete before has theirs made first.
 */
final class RemakeCalls
{
    private bool $waiting = false;

    public function __construct(
        private readonly Application $app,
        private readonly LockAthlete $athletes,
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

    /** After the house rules changed: every open call is looked at again. */
    public function afterRuleChange(): void
    {
        $this->each(Athlete::query(), fn (Athlete $athlete) => $this->calls->for($athlete, 'The house rules were changed.'));
    }

    public function now(): void
    {
        $this->waiting = false;
        $this->makeAnew(Athlete::query());
    }

    /** Whether there was anything to make anew of an athlete whom somebody looks at. */
    public function of(Athlete $athlete): bool
    {
        return $athlete->gear_seen < $this->gym->gym()->gear_changes && $this->makeAnew(Athlete::query()->whereKey($athlete->id));
    }

    /** @param  Builder<Athlete>  $athletes */
    private function makeAnew(Builder $athletes): bool
    {
        $changes = $this->gym->gym()->gear_changes;

        return $this->each($athletes->where('gear_seen', '<', $changes), function (Athlete $athlete) use ($changes): void {
            if ($athlete->gear_seen < $changes) { // somebody may have looked meanwhile
                $this->calls->afterKitChange($athlete);
                $athlete->fill(['gear_seen' => $changes])->save();
            }
        });
    }

    /**
     * @param  Builder<Athlete>  $athletes
     * @param  \Closure(Athlete): void  $action
     */
    private function each(Builder $athletes, \Closure $action): bool
    {
        $ids = $athletes->whereNotNull('chosen')->whereNull('archived_at')->orderBy('id')->pluck('id');
        foreach ($ids as $id) {
            try {
                $this->athletes->quietly((string) $id, $action);
            } catch (\Throwable $fault) {
                $this->faults->report($fault); // one athlete's fault leaves the others' calls as they should be
            }
        }

        return $ids->isNotEmpty();
    }
}
