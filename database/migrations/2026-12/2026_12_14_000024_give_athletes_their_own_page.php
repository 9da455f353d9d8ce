<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * An athlete sees a page of their own by a link, and tells from it what the gym allows. Who told a set, pain or the like is a coach, or
 * nobody of the gym: then it was the athlete, by their link.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gyms', function (Blueprint $table): void {
            $table->jsonb('athletes_tell')->default('["pain","soreness","coming"]');
        });
        Schema::create('athlete_links', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id')->unique();
            $table->primary(['gym_id', 'id']);
            $table->char('fingerprint', 64)->nullable();
            $table->uuid('athlete_id');
            $table->uuid('user_id');
            $table->timestampTz('made_at', 6);
            $table->date('last_on');
            $table->timestampTz('ended_at', 6)->nullable();
            $table->index(['gym_id', 'athlete_id', 'made_at']);
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
        });
        DB::statement('CREATE UNIQUE INDEX athlete_links_standing ON athlete_links (gym_id, athlete_id) WHERE ended_at IS NULL');
        Schema::create('athlete_link_looks', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->uuid('link_id');
            $table->timestampTz('looked_at', 6);
            $table->index(['gym_id', 'link_id', 'looked_at']);
            $table->foreign(['gym_id', 'link_id'])->references(['gym_id', 'id'])->on('athlete_links');
        });
        foreach (['logged_sets', 'pain_reports', 'pain_undoings', 'signals', 'class_comers'] as $table) {
            DB::statement("ALTER TABLE $table ALTER COLUMN user_id DROP NOT NULL");
        }
    }
};
