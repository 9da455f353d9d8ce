<?php

declare(strict_types=1);

namespace App\Actions\Methods;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use App\Models\Gym\User;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;
use SteadyRung\Safety\CapLimits;

/**
 * Settles the caps of the gym; who raises one above the usual answers for it by name.
 */
final readonly class SetCaps
{
    public function __construct(private CurrentGym $gym, private ClockInterface $clock)
    {
    }

    /** @throws Problem if a cap is raised and nobody answers for it */
    public function settle(CapLimits $limits, User $coach, bool $acknowledged): void
    {
        $gym = Gym::query()->findOrFail($this->gym->id());
        $raised = $limits->raised();
        $isNew = array_diff_assoc($raised, $gym->capLimits()->raised()) !== [];
        if ($isNew && ! $acknowledged) {
            throw Problem::invalid(
                '/acknowledged',
                sprintf(
                    '%s above the usual. Say that you answer for it: these caps keep newcomers from days of soreness and worse.',
                    implode(', ', array_map(static fn (string $key): string => str_replace('_', ' ', $key), array_keys($raised))),
                ),
            );
        }
        $gym->fill(['caps' => (object) array_diff_assoc($limits->figures(), (new CapLimits)->figures())]);
        if ($isNew || $raised === []) {
            $gym->fill(['caps_raised_by' => $isNew ? $coach->id : null, 'caps_raised_at' => $isNew ? $this->clock->now() : null]);
        }
        $gym->save();
        $this->gym->enter($this->gym->id());
    }
}
