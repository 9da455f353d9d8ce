<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Addresses that are told what happens in a gym, and what they were told.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gyms', function (Blueprint $table): void {
            $table->jsonb('told_events')->default('[]');
        });
        Schema::create('webhooks', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->foreignUuid('user_id')->constrained('users');
            $table->string('address', 500);
            $table->jsonb('events');
            $table->timestampTz('made_at', 6);
            $table->timestampTz('ended_at', 6)->nullable();
        });
        Schema::create('webhook_deliveries', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->uuid('webhook_id');
            $table->string('event', 32);
            $table->text('body');
            $table->timestampTz('made_at', 6);
            $table->smallInteger('tries')->default(0);
            $table->timestampTz('next_at', 6)->nullable();
            $table->timestampTz('delivered_at', 6)->nullable();
            $table->smallInteger('answered')->nullable();
            $table->string('fault', 32)->nullable();
            $table->foreign(['gym_id', 'webhook_id'])->references(['gym_id', 'id'])->on('webhooks');
            $table->index(['gym_id', 'webhook_id', 'made_at', 'id']);
            $table->index('made_at');
        });
        DB::statement('CREATE INDEX webhook_deliveries_due ON webhook_deliveries (next_at, gym_id) WHERE next_at IS NOT NULL');
    }
};
