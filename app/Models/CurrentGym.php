<?php

declare(strict_types=1);

namespace App\Models;

/**
 * The gym this request or command works for; without one, nothing that belongs to a gym can be read or written.
 */
final class CurrentGym
{
    private ?string $id = null;

    public function enter(Gym|string $gym): void
    {
        $this->id = $gym instanceof Gym ? $gym->id : $gym;
    }

    public function id(): string
    {
        return $this->id ?? throw new \LogicException('No gym was entered.');
    }
}
