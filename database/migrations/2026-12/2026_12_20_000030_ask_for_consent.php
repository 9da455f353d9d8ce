<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Who agreed to what is kept of their health, in what words; and for how long a gym keeps it.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gyms', function (Blueprint $table): void {
            $table->string('consent', 16)->default('asked');
            $table->text('consent_words')->nullable();
            $table->smallInteger('keep_health_years')->nullable();
        });
        Schema::create('consents', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->char('fingerprint', 64)->nullable();
            $table->uuid('athlete_id');
            $table->uuid('user_id');
            $table->date('born_on')->nullable();
            $table->string('by', 16)->nullable();
            $table->string('guardian', 80)->nullable();
            $table->text('words')->nullable();
            $table->date('given_on');
            $table->timestampTz('noted_at', 6);
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
            $table->index(['gym_id', 'athlete_id', 'noted_at']);
        });
    }
};
