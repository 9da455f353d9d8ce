<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Classes, who comes to them and the sessions written for their days; gear out of use for a day; what was told of whom in
 * order, so that a device can ask for what is new; and on the athlete what of the log is still to be followed.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('classes', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->char('fingerprint', 64)->nullable();
            $table->uuid('user_id');
            $table->string('name', 80);
            $table->date('first_on');
            $table->string('at', 5);
            $table->smallInteger('minutes');
            $table->boolean('weekly');
            $table->date('last_on')->nullable();
            $table->jsonb('tags')->default('[]');
            $table->timestampTz('made_at', 6);
            $table->index(['gym_id', 'last_on']);
        });
        Schema::create('class_comers', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('class_id');
            $table->date('held_on');
            $table->uuid('athlete_id');
            $table->boolean('coming');
            $table->uuid('user_id');
            $table->timestampTz('told_at', 6);
            $table->primary(['gym_id', 'class_id', 'held_on', 'athlete_id']);
            $table->foreign(['gym_id', 'class_id'])->references(['gym_id', 'id'])->on('classes');
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
        });
        Schema::create('session_sheets', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('athlete_id');
            $table->date('held_on');
            $table->jsonb('sheet');
            $table->char('basis', 64);
            $table->bigInteger('news');
            $table->timestampTz('written_at', 6);
            $table->primary(['gym_id', 'athlete_id', 'held_on']);
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
        });
        Schema::create('news', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->bigInteger('n');
            $table->uuid('athlete_id');
            $table->primary(['gym_id', 'n']);
        });
        Schema::table('gyms', static fn (Blueprint $table) => $table->bigInteger('news')->default(0));
        Schema::table('athletes', function (Blueprint $table): void {
            $table->date('follow_from')->nullable();
            $table->jsonb('follow_patterns')->default('[]');
        });
        Schema::table('logged_sets', static fn (Blueprint $table) => $table->string('line', 160)->nullable());
        Schema::table('signals', static fn (Blueprint $table) => $table->boolean('wall_day')->nullable());
        Schema::table('accessory_sets', static fn (Blueprint $table) => $table->timestampTz('taken_back_at', 6)->nullable());
        foreach (['gear', 'bands'] as $pieces) {
            Schema::table($pieces, static fn (Blueprint $table) => $table->date('out_on')->nullable());
        }
        DB::statement('CREATE INDEX athletes_to_follow ON athletes (gym_id) WHERE follow_from IS NOT NULL');
    }
};
