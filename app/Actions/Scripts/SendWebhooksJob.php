<?php

declare(strict_types=1);

namespace App\Actions\Scripts;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Sends what a gym's addresses are to be told; without a gym, what is due in any.
 */
final class SendWebhooksJob implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 60;

    public function __construct(private readonly ?string $gymId = null)
    {
    }

    public function handle(SendWebhooks $send): void
    {
        if ($this->gymId === null) {
            $send->forget();
        }
        $send->due($this->gymId);
    }
}
