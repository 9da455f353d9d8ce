<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Tokens by which a gym's own scripts use the API, and by which of them something was done.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('api_tokens', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->foreignUuid('user_id')->constrained('users');
            $table->string('name', 80);
            $table->char('token', 64)->unique();
            $table->jsonb('scopes');
            $table->timestampTz('made_at', 6);
            $table->timestampTz('expires_at', 6);
            $table->timestampTz('used_at', 6)->nullable();
            $table->timestampTz('ended_at', 6)->nullable();
            $table->char('fingerprint', 64)->nullable();
            $table->index(['gym_id', 'made_at']);
        });
        Schema::table('audit_entries', function (Blueprint $table): void {
            $table->uuid('token_id')->nullable();
        });
    }
};
