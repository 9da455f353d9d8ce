<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\DemoGym;
use Illuminate\Console\Command;

final class FillDemo extends Command
{
    protected $signature = 'steady:demo';

    protected $description = 'Fill the demo gym if there is no gym yet';

    public function handle(DemoGym $demo): void
    {
        $this->info($demo->fill() ? 'The demo gym is filled.' : 'There is a gym already; nothing was changed.');
    }
}
