<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ReplayLog;
use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use Illuminate\Console\Command;

final class Replay extends Command
{
    protected $signature = 'steady:replay {--due : only where a newer program asks for it}';

    protected $description = 'Rebuild capacity and open calls from the log';

    public function handle(ReplayLog $replay, CurrentGym $current): void
    {
        foreach (
            Gym::query()->when(
                $this->option('due') === true,
                static fn ($gyms) => $gyms->where('to_replay', true),
            )->orderBy('id')->lazyById(20) as $gym
        ) {
            $current->enter($gym);
            $this->info("$gym->name: {$replay->ofGym()} athletes replayed.");
            $gym->fill(['to_replay' => false])->save();
        }
    }
}
