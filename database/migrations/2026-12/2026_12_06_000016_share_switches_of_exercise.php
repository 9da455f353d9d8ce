<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What is done in the place of a line on the floor, so that every device of the class shows it.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('line_switches', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('athlete_id');
            $table->date('held_on');
            $table->string('line', 160);
            $table->string('rung_key', 500)->nullable();
            $table->uuid('user_id');
            $table->timestampTz('told_at', 6);
            $table->primary(['gym_id', 'athlete_id', 'held_on', 'line']);
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
        });
    }
};
