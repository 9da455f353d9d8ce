<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\DemoEvening;
use Illuminate\Console\Command;

final class OpenEvening extends Command
{
    protected $signature = 'steady:evening';

    protected $description = 'Put an evening of the demo gym in full swing, so that a newcomer sees a class at once';

    public function handle(DemoEvening $evening): void
    {
        $this->info($evening->begin() ? 'A class of the demo is on.' : 'Nothing was changed.');
    }
}
