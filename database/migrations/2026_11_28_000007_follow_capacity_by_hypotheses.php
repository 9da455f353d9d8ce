<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The log knows what was asked of a set and whether it went to failure; capacity is followed by many hypotheses at once, whose whole
 * state is kept for some days and its figures for each. Everything is followed anew at the start.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('logged_sets', function (Blueprint $table): void {
            $table->smallInteger('asked_reps')->nullable();
            $table->boolean('to_failure')->default(false);
            $table->double('shape')->nullable();
        });
        DB::statement("UPDATE logged_sets SET pattern = 'pull' WHERE pattern IS NULL AND exercise->>'kind' NOT IN ('row', 'pulldown') AND (exercise->>'movement' = 'lowering' OR exercise->>'movement' = 'hold' AND exercise->>'at' IN ('middle', 'top') OR exercise->>'kind' = 'lowering' OR exercise->>'kind' = 'hold' AND exercise->>'at' IN ('middle', 'top'))");
        DB::table('capacity_states')->delete();
        Schema::table('capacity_states', function (Blueprint $table): void {
            $table->dropColumn(['mean_log', 'variance']);
            $table->double('share');
            $table->double('low80');
            $table->double('high80');
            $table->boolean('opens_month');
            $table->jsonb('taught');
            $table->text('state')->nullable();
        });
        DB::statement('UPDATE gyms SET to_replay = true WHERE EXISTS (SELECT FROM logged_sets s WHERE s.gym_id = gyms.id)');
    }
};
