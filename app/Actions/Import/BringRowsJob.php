<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Context\Gym\CurrentGym;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * The lines of a file, all or none.
 */
final class BringRowsJob implements ShouldQueue
{
    public int $tries = 3;

    public int $timeout = 60;

    public function __construct(private readonly string $gymId, private readonly string $importId)
    {
    }

    public function handle(CurrentGym $gym, BringRows $rows): void
    {
        $gym->enter($this->gymId);
        $rows->bring($this->importId);
    }

    public function failed(): void
    {
        app(CurrentGym::class)->enter($this->gymId);
        app(BringRows::class)->stopped($this->importId);
    }
}
