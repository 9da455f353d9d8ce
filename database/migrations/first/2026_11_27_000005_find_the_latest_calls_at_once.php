<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * The open call of an athlete and the one decided last stand side by side in one index.
 */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('DROP INDEX calls_decided');
        DB::statement('CREATE INDEX calls_latest ON calls (gym_id, athlete_id, decided_at)');
    }
};
