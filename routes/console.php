<?php

declare(strict_types=1);

use App\Actions\ReplayLog;
use App\Http\Docs\WriteApiDocument;
use App\Models\CurrentGym;
use App\Models\Gym;
use Database\Seeders\DemoGym;
use Illuminate\Support\Facades\Artisan;

Artisan::command('steady:demo', function (DemoGym $demo): void {
    $this->info($demo->seedIfEmpty() ? 'The demo gym is filled.' : 'There is a gym already; nothing was changed.');
})->purpose('Fill the demo gym if there is no gym yet');

Artisan::command('steady:replay', function (ReplayLog $replay, CurrentGym $current): void {
    foreach (Gym::query()->orderBy('id')->get() as $gym) {
        $current->enter($gym);
        $this->info("$gym->name: {$replay->ofGym()} athletes replayed.");
    }
})->purpose('Rebuild capacity and open calls from the log');

Artisan::command('steady:openapi {file}', function (WriteApiDocument $write): void {
    $write->to((string) $this->argument('file'));
})->purpose('Write the OpenAPI document');
