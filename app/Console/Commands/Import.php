<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Export\BadExport;
use App\Actions\Export\BringIn;
use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use Illuminate\Console\Command;

final class Import extends Command
{
    /** More than any line has. */
    private const MOST_BYTES = 2_097_152;

    protected $signature = 'steady:import';

    protected $description = 'Bring an export, read from standard input, into a gym without athletes';

    public function handle(CurrentGym $current, BringIn $bring): int
    {
        $current->enter(Gym::query()->sole());
        try {
            $this->info(sprintf('%d rows brought in.', $bring->into(self::lines())));
        } catch (BadExport $bad) {
            $this->error("{$bad->getMessage()} Nothing was stored.");

            return self::FAILURE;
        }

        return self::SUCCESS;
    }

    /** @return \Generator<string> */
    private static function lines(): \Generator
    {
        while (($line = fgets(STDIN, self::MOST_BYTES)) !== false) {
            yield rtrim($line, "\n");
        }
    }
}
