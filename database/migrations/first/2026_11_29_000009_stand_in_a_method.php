<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Where each athlete stands in a method and how that came about, the gym's own methods and house rules, what is told after a
 * session, and the work beside the pull.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('athletes', function (Blueprint $table): void {
            $table->string('method_key', 64)->default('steady-ladder');
            $table->string('stage_key', 64)->default('ladder');
            $table->date('stage_since')->nullable();
            $table->smallInteger('sessions_a_week')->nullable();
        });
        Schema::table('gyms', function (Blueprint $table): void {
            $table->jsonb('house_rules')->default('{}');
        });
        Schema::table('calls', function (Blueprint $table): void {
            $table->jsonb('place_before')->nullable();
        });
        Schema::table('logged_sets', function (Blueprint $table): void {
            $table->jsonb('faults')->nullable();
        });
        DB::statement(
            "CREATE INDEX logged_sets_lowerings ON logged_sets (gym_id, athlete_id, trained_on) WHERE exercise->>'movement' = 'lowering'",
        );
        DB::statement(
            'CREATE INDEX logged_sets_strict_reps ON logged_sets (gym_id, athlete_id, pattern, clean_reps) WHERE effective_share >= 0.999 AND clean_reps >= 1',
        );
        Schema::table('calls', static fn (Blueprint $table) => $table->index(['gym_id', 'made_at']));
        $this->createPlaces();
        $this->createSignals();
    }

    private function createPlaces(): void
    {
        Schema::create('place_changes', function (Blueprint $table): void {
            $this->ofAthlete($table);
            $table->string('method_key', 64);
            $table->string('stage_key', 64);
            $table->date('since');
            $table->uuid('call_id')->nullable();
            $table->uuid('user_id');
            $table->string('reason', 500)->nullable();
            $table->timestampTz('made_at', 6);
            $table->index(['gym_id', 'athlete_id', 'made_at']);
        });
        Schema::create('own_methods', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->string('key', 64);
            $table->jsonb('body');
            $table->uuid('user_id');
            $table->timestampTz('saved_at', 6);
            $table->unique(['gym_id', 'key']);
            $table->foreign('gym_id')->references('id')->on('gyms');
        });
    }

    private function createSignals(): void
    {
        Schema::create('signals', function (Blueprint $table): void {
            $this->ofAthlete($table);
            $table->uuid('user_id');
            $table->date('told_for');
            $table->smallInteger('soreness')->nullable();
            $table->jsonb('symptoms')->default('[]');
            $table->string('gave_out', 16)->nullable();
            $table->smallInteger('effort')->nullable();
            $table->boolean('takes_hold')->nullable();
            $table->string('felt_worked', 200)->nullable();
            $table->timestampTz('told_at', 6);
            $table->index(['gym_id', 'athlete_id', 'told_for']);
        });
        Schema::create('accessory_sets', function (Blueprint $table): void {
            $this->ofAthlete($table);
            $table->uuid('user_id');
            $table->date('trained_on');
            $table->string('accessory', 32);
            $table->smallInteger('reps')->nullable();
            $table->double('seconds')->nullable();
            $table->double('metres')->nullable();
            $table->double('load_kg')->nullable();
            $table->timestampTz('performed_at', 6);
            $table->index(['gym_id', 'athlete_id', 'trained_on']);
            $table->index(['gym_id', 'athlete_id', 'accessory', 'trained_on']);
        });
    }

    private function ofAthlete(Blueprint $table): void
    {
        $table->uuid('gym_id');
        $table->uuid('id');
        $table->primary(['gym_id', 'id']);
        $table->char('fingerprint', 64)->nullable();
        $table->uuid('athlete_id');
        $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
    }
};
