<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Lines of a session changed by hand, the gym's own caps, time off, the seconds of each lowering, and what
 * stands in the place of strict work.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('line_changes', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->char('fingerprint', 64)->nullable();
            $table->uuid('athlete_id');
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
            $table->uuid('user_id');
            $table->string('method_key', 64);
            $table->string('stage_key', 64);
            $table->string('line', 160);
            $table->boolean('lasts');
            $table->jsonb('change');
            $table->date('from_on');
            $table->timestampTz('made_at', 6);
            $table->timestampTz('put_back_at', 6)->nullable();
            $table->index(['gym_id', 'athlete_id', 'made_at']);
        });
        Schema::create('time_off', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->char('fingerprint', 64)->nullable();
            $table->uuid('athlete_id')->nullable();
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
            $table->uuid('user_id');
            $table->date('from_on');
            $table->date('to_on');
            $table->string('why', 80);
            $table->timestampTz('told_at', 6);
            $table->timestampTz('taken_back_at', 6)->nullable();
            $table->index(['gym_id', 'to_on']);
        });
        Schema::table('athletes', static fn (Blueprint $table) => $table->string('builder_key', 64)->nullable());
        Schema::table('logged_sets', function (Blueprint $table): void {
            $table->jsonb('splits_s')->nullable();
            $table->double('down_s')->nullable();
        });
        Schema::table('gyms', function (Blueprint $table): void {
            $table->jsonb('caps')->default('{}');
            $table->uuid('caps_raised_by')->nullable();
            $table->timestampTz('caps_raised_at', 6)->nullable();
        });
    }
};
