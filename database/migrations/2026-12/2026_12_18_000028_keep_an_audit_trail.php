<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Who did what to whom, as far as it is not on the path of a set; nothing of it is changed.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('audit_entries', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->string('log_name', 16);
            $table->string('event', 32);
            $table->string('description', 64);
            $table->string('causer_type', 64)->nullable();
            $table->uuid('causer_id');
            $table->string('about_kind', 16)->nullable();
            $table->string('about_id', 64)->nullable();
            $table->jsonb('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestampTz('created_at', 6);
            $table->index(['gym_id', 'created_at', 'id']);
            $table->index(['gym_id', 'about_id', 'created_at']);
        });
    }
};
