<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * The code by which any screen of the gym shows a class on its day, and how people are called there.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('class_boards', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('class_id');
            $table->date('held_on');
            $table->string('code', 16)->unique();
            $table->primary(['gym_id', 'class_id', 'held_on']);
            $table->foreign(['gym_id', 'class_id'])->references(['gym_id', 'id'])->on('classes');
            $table->index(['gym_id', 'held_on']);
        });
        Schema::table('gyms', fn (Blueprint $table) => $table->string('board_names', 16)->default('first'));
    }
};
