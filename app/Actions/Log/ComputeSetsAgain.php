<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Context\Gym\CurrentGym;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Some sets of an order, and the next job where more are left.
 */
final class ComputeSetsAgain implements ShouldQueue
{
    public int $tries = 3;

    public int $timeout = 60;

    public function __construct(private readonly string $gymId, private readonly string $orderId)
    {
    }

    public function handle(CurrentGym $gym, ComputeAgain $compute): void
    {
        $gym->enter($this->gymId);
        $compute->someOf($this->orderId);
    }

    public function failed(): void
    {
        app(CurrentGym::class)->enter($this->gymId);
        app(ComputeAgain::class)->stopped($this->orderId);
    }
}
