<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ReplayLog;
use App\Models\CurrentGym;
use App\Models\Gym;
use Illuminate\Console\Command;

final class Replay extends Command
{
    protected $signature = 'steady:replay';

    protected $description = 'Rebuild capacity and open calls from the log';

    public function handle(ReplayLog $replay, CurrentGym $current): void
    {
        foreach (Gym::query()->orderBy('id')->lazyById(20) as $gym) {
            $current->enter($gym);
            $this->info("$gym->name: {$replay->ofGym()} athletes replayed.");
        }
    }
}
