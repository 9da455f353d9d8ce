<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Who works in a gym has a role, comes by an invitation and can leave. Whoever made the gym owns it; the others are coaches.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('role', 16)->default('coach');
            $table->timestampTz('left_at', 6)->nullable();
            $table->text('second_factor')->nullable();
            $table->timestampTz('second_factor_at', 6)->nullable();
            $table->bigInteger('second_factor_step')->nullable();
            $table->jsonb('recovery_codes')->default('[]');
            $table->dropColumn('let_in_as');
        });
        DB::statement("UPDATE users SET role = 'owner' FROM (SELECT DISTINCT ON (gym_id) id FROM users ORDER BY gym_id, created_at, id) AS first WHERE users.id = first.id");
        DB::statement("UPDATE users SET password = replace(password, '\$2y\$12\$.', '\$2y\$04\$.') WHERE password LIKE '\$2y\$12\$...%'");
        Schema::table('sessions', function (Blueprint $table): void {
            $table->string('agent', 250)->nullable();
        });
        Schema::create('password_links', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->uuid('user_id');
            $table->char('token', 64)->unique();
            $table->string('purpose', 16);
            $table->timestampTz('expires_at', 6);
            $table->timestampTz('ended_at', 6)->nullable();
            $table->index(['gym_id', 'user_id']);
            $table->foreign(['gym_id', 'user_id'])->references(['gym_id', 'id'])->on('users');
        });
    }
};
