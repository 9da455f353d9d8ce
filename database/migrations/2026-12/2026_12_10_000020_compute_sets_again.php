<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Long work has a queue, and sets are computed again by it: rows of their own that name the ones they stand for.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
        Schema::create('recomputations', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('id');
            $table->string('fingerprint', 64)->nullable();
            $table->uuid('user_id');
            $table->uuid('athlete_id')->nullable();
            $table->uuid('band_id')->nullable();
            $table->uuid('undoes_id')->nullable();
            $table->unsignedInteger('sets');
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('left_out')->default(0);
            $table->uuid('up_to')->nullable();
            $table->timestampTz('made_at', 6);
            $table->timestampTz('ended_at', 6)->nullable();
            $table->timestampTz('failed_at', 6)->nullable();
            $table->primary(['gym_id', 'id']);
            $table->foreign('gym_id')->references('id')->on('gyms');
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
            $table->foreign(['gym_id', 'band_id'])->references(['gym_id', 'id'])->on('bands');
            $table->foreign(['gym_id', 'undoes_id'])->references(['gym_id', 'id'])->on('recomputations');
            $table->index(['gym_id', 'made_at']);
        });
        DB::statement('ALTER TABLE recomputations ADD CONSTRAINT recomputations_of_one CHECK (num_nonnulls(athlete_id, band_id, undoes_id) = 1)');
        DB::statement('CREATE UNIQUE INDEX recomputations_undone_once ON recomputations (gym_id, undoes_id) WHERE undoes_id IS NOT NULL');
        Schema::table('logged_sets', static fn (Blueprint $table) => $table->uuid('recomputation_id')->nullable());
        DB::statement('CREATE INDEX logged_sets_recomputed ON logged_sets (gym_id, recomputation_id, id) WHERE recomputation_id IS NOT NULL');
    }
};
