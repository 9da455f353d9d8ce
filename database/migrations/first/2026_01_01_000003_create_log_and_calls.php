<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('logged_sets', function (Blueprint $table): void {
            $this->ofAthlete($table);
            $table->char('request_hash', 64);
            $table->uuid('user_id');
            $table->uuid('replaces_id')->nullable();
            $table->boolean('withdrawn')->default(false);
            $table->string('purpose', 16);
            $table->timestampTz('performed_at', 6);
            $table->date('trained_on');
            $table->double('mass_kg');
            $table->jsonb('choice')->nullable();
            $table->string('setup_name', 200)->nullable();
            $table->string('pattern', 8)->nullable();
            $table->double('carried_kg')->nullable();
            $table->double('carried_share')->nullable();
            $table->double('ascent_share')->nullable();
            $table->double('share_sd')->nullable();
            $table->smallInteger('clean_reps')->nullable();
            $table->jsonb('no_counts')->nullable();
            $table->smallInteger('reserve')->nullable();
            $table->double('hang_s')->nullable();
            $table->jsonb('pain')->nullable();
            $table->string('note', 500)->nullable();
            $table->timestampTz('logged_at', 6);
            $table->index(['gym_id', 'athlete_id', 'trained_on', 'performed_at']);
        });
        Schema::create('clearances', function (Blueprint $table): void {
            $this->ofAthlete($table);
            $table->char('request_hash', 64);
            $table->uuid('user_id');
            $table->string('note', 500);
            $table->timestampTz('cleared_at', 6);
            $table->index(['gym_id', 'athlete_id', 'cleared_at']);
        });
        Schema::create('capacity_states', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('athlete_id');
            $table->string('pattern', 8);
            $table->date('trained_on');
            $table->double('mean_log');
            $table->double('variance');
            $table->primary(['gym_id', 'athlete_id', 'pattern', 'trained_on']);
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
        });
        Schema::create('calls', function (Blueprint $table): void {
            $this->ofAthlete($table);
            $table->integer('version');
            $table->string('verdict', 16);
            $table->jsonb('call');
            $table->jsonb('situation');
            $table->timestampTz('made_at', 6);
            $table->string('decision', 16)->nullable();
            $table->char('decision_hash', 64)->nullable();
            $table->string('override_verdict', 16)->nullable();
            $table->jsonb('override_choice')->nullable();
            $table->string('override_reason', 500)->nullable();
            $table->uuid('decided_by')->nullable();
            $table->timestampTz('decided_at', 6)->nullable();
            $table->index(['gym_id', 'athlete_id', 'made_at']);
        });
        DB::statement('CREATE UNIQUE INDEX logged_sets_replaced_once ON logged_sets (gym_id, replaces_id) WHERE replaces_id IS NOT NULL');
        DB::statement('CREATE UNIQUE INDEX calls_one_open ON calls (gym_id, athlete_id) WHERE decided_at IS NULL');
        DB::statement('CREATE INDEX calls_open ON calls (gym_id, made_at) WHERE decided_at IS NULL');
        DB::statement("CREATE INDEX logged_sets_bands ON logged_sets USING gin ((choice->'band_ids'))");
        DB::statement('CREATE INDEX logged_sets_pain ON logged_sets (gym_id, athlete_id, logged_at) WHERE pain IS NOT NULL');
    }

    private function ofAthlete(Blueprint $table): void
    {
        $table->foreignUuid('gym_id')->constrained('gyms');
        $table->uuid('id');
        $table->uuid('athlete_id');
        $table->primary(['gym_id', 'id']);
        $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
    }
};
