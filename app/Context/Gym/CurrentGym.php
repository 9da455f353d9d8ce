<?php

declare(strict_types=1);

namespace App\Context\Gym;

use App\Formats\Units\Units;
use App\Models\Gym\Gym;
use App\Models\GymScope;
use SteadyRung\Body\PullTop;

/**
 * The gym this request or command works for; without one, nothing that belongs to a gym can be read or written.
 */
final class CurrentGym implements GymScope
{
    private ?string $id = null;

    private ?Gym $gym = null;

    public function enter(Gym|string $gym): void
    {
        $this->id = $gym instanceof Gym ? $gym->id : $gym;
        $this->gym = null;
    }

    public function isEntered(): bool
    {
        return $this->id !== null;
    }

    public function id(): string
    {
        return $this->id ?? throw new \LogicException('No gym was entered.');
    }

    public function pullTop(): PullTop
    {
        return $this->gym()->houseRules()->pullTop();
    }

    public function units(): Units
    {
        return $this->gym()->units();
    }

    public function timezone(): string
    {
        return $this->gym()->timezone;
    }

    public function gym(): Gym
    {
        return $this->gym ??= Gym::query()->findOrFail($this->id());
    }
}
