<?php

declare(strict_types=1);

namespace App\Actions\Records;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * What every gym keeps for a time only goes when that time is over.
 */
final class EraseOldHealthJob implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 60;

    public function handle(EraseOldHealth $erase): void
    {
        $erase->everywhere();
    }
}
