<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * The timetable of a class day as it was told last, and the orders that coaches made by hand.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('class_timetables', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('class_id');
            $table->date('held_on');
            $table->jsonb('told');
            $table->jsonb('works');
            $table->json('answer')->nullable();
            $table->boolean('by_hand')->default(false);
            $table->bigInteger('news');
            $table->timestampTz('timed_at', 6);
            $table->primary(['gym_id', 'class_id', 'held_on']);
            $table->foreign(['gym_id', 'class_id'])->references(['gym_id', 'id'])->on('classes');
            $table->index(['gym_id', 'held_on']);
        });
        Schema::create('class_orders', function (Blueprint $table): void {
            $table->uuid('id');
            $table->uuid('gym_id');
            $table->uuid('class_id');
            $table->date('held_on');
            $table->char('fingerprint', 64)->nullable();
            $table->uuid('user_id');
            $table->jsonb('turns');
            $table->timestampTz('told_at', 6);
            $table->primary(['gym_id', 'id']);
            $table->foreign(['gym_id', 'class_id'])->references(['gym_id', 'id'])->on('classes');
            $table->index(['gym_id', 'held_on']);
        });
    }
};
