<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The log knows what was asked of a set, whether it went to failure and how far it travelled; forecasts are kept as they were said;
 * capacity is followed by many hypotheses at once, whose whole
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
            $table->double('travel_m')->nullable();
            $table->string('load_key', 500)->nullable();
        });
        DB::statement(
            "UPDATE logged_sets SET pattern = 'pull' WHERE pattern IS NULL AND exercise->>'kind' NOT IN ('row', 'pulldown') AND (exercise->>'movement' = 'lowering' OR exercise->>'movement' = 'hold' AND exercise->>'at' IN ('middle', 'top') OR exercise->>'kind' = 'lowering' OR exercise->>'kind' = 'hold' AND exercise->>'at' IN ('middle', 'top'))",
        );
        DB::statement(
            "UPDATE logged_sets s SET travel_m = coalesce(a.reach_m, 1.204 * a.stature_m) - 0.870 * a.stature_m FROM athletes a WHERE a.gym_id = s.gym_id AND a.id = s.athlete_id AND s.carried_kg IS NOT NULL AND coalesce(s.exercise->>'movement', 'full') NOT IN ('lowering', 'hold')",
        );
        DB::statement(
            'CREATE INDEX logged_sets_strict ON logged_sets (gym_id, athlete_id, pattern, trained_on) WHERE NOT withdrawn AND effective_share >= 0.999 AND clean_reps >= 1',
        );
        DB::statement(
            'CREATE INDEX logged_sets_most ON logged_sets (gym_id, athlete_id, pattern, clean_reps) WHERE NOT withdrawn AND effective_share >= 0.999 AND clean_reps >= 1',
        );
        DB::statement(
            'CREATE INDEX logged_sets_loads ON logged_sets (gym_id, athlete_id, load_key, performed_at) WHERE load_key IS NOT NULL AND NOT withdrawn',
        );
        DB::statement(
            "CREATE INDEX logged_sets_tests ON logged_sets (gym_id, athlete_id, pattern, trained_on) WHERE NOT withdrawn AND purpose IN ('test', 'try')",
        );
        Schema::create('forecasts', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('athlete_id');
            $table->string('pattern', 8);
            $table->date('made_on');
            $table->smallInteger('reps');
            foreach ([4, 8, 12, 26] as $weeks) {
                $table->double("within_$weeks");
            }
            $table->primary(['gym_id', 'athlete_id', 'pattern', 'reps', 'made_on']);
            $table->index(['gym_id', 'reps', 'made_on']);
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
        });
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
