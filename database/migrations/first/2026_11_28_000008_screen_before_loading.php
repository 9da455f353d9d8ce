<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Screens with their answers encrypted, who looked at them, and on the athlete what the last one leaves to do.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('screenings', function (Blueprint $table): void {
            $this->ofAthlete($table);
            $table->char('fingerprint', 64);
            $table->uuid('user_id');
            $table->text('answers');
            $table->string('outcome', 16);
            $table->jsonb('limits');
            $table->double('most_share')->nullable();
            $table->timestampTz('screened_at', 6);
            $table->index(['gym_id', 'athlete_id', 'screened_at']);
        });
        Schema::create('screening_looks', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('id');
            $table->uuid('screening_id');
            $table->uuid('user_id');
            $table->timestampTz('looked_at', 6);
            $table->primary(['gym_id', 'id']);
            $table->foreign(['gym_id', 'screening_id'])->references(['gym_id', 'id'])->on('screenings');
            $table->index(['gym_id', 'screening_id', 'looked_at']);
        });
        Schema::table('athletes', function (Blueprint $table): void {
            $table->timestampTz('screened_at', 6)->nullable();
            $table->string('screen_outcome', 16)->nullable();
            $table->jsonb('screen_limits')->default('[]');
            $table->double('screen_most_share')->nullable();
        });
    }

    private function ofAthlete(Blueprint $table): void
    {
        $table->uuid('gym_id');
        $table->uuid('id');
        $table->primary(['gym_id', 'id']);
        $table->uuid('athlete_id');
        $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
    }
};
