<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What is kept of an athlete is erased when they ask for it. How often a band was used stays, also of sets that are gone.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gyms', function (Blueprint $table): void {
            $table->string('erased_log', 16)->default('anonymous');
        });
        Schema::table('athletes', function (Blueprint $table): void {
            $table->timestampTz('erased_at', 6)->nullable();
        });
        Schema::table('set_bands', function (Blueprint $table): void {
            $table->dropForeign(['gym_id', 'set_id']);
        });
        Schema::create('erasures', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->char('fingerprint', 64)->nullable();
            $table->uuid('athlete_id');
            $table->uuid('user_id');
            $table->string('log', 16);
            $table->timestampTz('ordered_at', 6);
            $table->timestampTz('ended_at', 6)->nullable();
            $table->timestampTz('failed_at', 6)->nullable();
            $table->integer('rows')->default(0);
            $table->index(['gym_id', 'ordered_at']);
        });
    }
};
