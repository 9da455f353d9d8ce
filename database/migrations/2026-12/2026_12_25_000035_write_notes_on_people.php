<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What coaches write down of an athlete in their own words.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('athlete_notes', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->uuid('athlete_id');
            $table->uuid('user_id');
            $table->text('text');
            $table->timestampTz('written_at', 6);
            $table->char('fingerprint', 64)->nullable();
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
            $table->index(['gym_id', 'athlete_id', 'written_at', 'id']);
        });
    }
};
