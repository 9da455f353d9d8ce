<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Pain and symptoms that were tapped by mistake are undone by who told them; they stay in the log as undone.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pain_undoings', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->char('fingerprint', 64)->nullable();
            $table->uuid('athlete_id');
            $table->uuid('user_id');
            $table->uuid('told_id');
            $table->timestampTz('told_at', 6);
            $table->timestampTz('undone_at', 6);
            $table->unique(['gym_id', 'told_id']);
            $table->index(['gym_id', 'athlete_id', 'told_at']);
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
        });
    }
};
