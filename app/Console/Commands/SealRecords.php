<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Records\SealRecords as Seal;
use Illuminate\Console\Command;

final class SealRecords extends Command
{
    protected $signature = 'steady:seal';

    protected $description = 'Seal what says something of health with the present key';

    public function handle(Seal $seal): int
    {
        $this->info(sprintf('%d values were sealed.', $seal->all()));

        return self::SUCCESS;
    }
}
