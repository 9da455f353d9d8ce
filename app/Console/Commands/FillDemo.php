<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\DemoGym;
use Illuminate\Console\Command;
use Illuminate\Process\Factory;
use Illuminate\Process\Pool;

/**
 * The athletes of the demo train side by side, each half of them in a process of its own.
 */
final class FillDemo extends Command
{
    private const SIDE_BY_SIDE = 2;

    private const LONGEST_S = 600;

    protected $signature = 'steady:demo {--half= : Fill the athletes of one half only, 0 or 1}';

    protected $description = 'Fill the demo gym if there is no gym of somebody’s own';

    public function handle(DemoGym $demo, Factory $processes): int
    {
        if (! $demo->open()) {
            $this->info('There is a gym already; nothing was changed.');

            return self::SUCCESS;
        }
        if ($this->option('half') !== null) {
            $demo->fill((int) $this->option('half'), self::SIDE_BY_SIDE);

            return self::SUCCESS;
        }
        $halves = $processes->pool(function (Pool $pool): void {
            foreach (range(0, self::SIDE_BY_SIDE - 1) as $half) {
                $pool->timeout(self::LONGEST_S)->command([PHP_BINARY, base_path('artisan'), 'steady:demo', "--half=$half"]);
            }
        })->wait();
        foreach ($halves->collect() as $half) {
            $half->throw();
        }
        $this->info('The demo gym is filled.');

        return self::SUCCESS;
    }
}
