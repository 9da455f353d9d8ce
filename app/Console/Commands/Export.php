<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use App\Queries\Export\ExportQuery;
use Illuminate\Console\Command;

final class Export extends Command
{
    protected $signature = 'steady:export';

    protected $description = 'Print everything of the gym, as docs/formats/export.md has it';

    public function handle(CurrentGym $current, ExportQuery $export): int
    {
        $current->enter(Gym::query()->sole());
        foreach ($export->lines() as $line) {
            fwrite(STDOUT, $line);
        }

        return self::SUCCESS;
    }
}
