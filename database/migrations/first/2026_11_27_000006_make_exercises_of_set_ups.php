<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What was a choice of gear is an exercise: lowerings and holds are done on a set-up, and reps are predicted from the effective
 * share. Shares on the way up (rubber gives 7 % less) become effective ones; what follows from them is followed anew at the start.
 */
return new class extends Migration
{
    /** The part of bodyweight that a pull lifts, and what a machine gives of its help on the way up. */
    private const LIFTED = 0.934;

    private const MACHINE_GIVES = 0.93;

    public function up(): void
    {
        Schema::table('logged_sets', function (Blueprint $table): void {
            $table->renameColumn('choice', 'exercise');
            $table->renameColumn('ascent_share', 'effective_share');
            $table->uuid('part_of')->nullable();
        });
        Schema::table('calls', function (Blueprint $table): void {
            $table->renameColumn('override_choice', 'override_exercise');
        });
        Schema::table('gyms', function (Blueprint $table): void {
            $table->string('floor', 16)->default('unknown');
            $table->boolean('to_replay')->default(false);
        });
        Schema::table('athletes', function (Blueprint $table): void {
            $table->string('proportions', 16)->default('average');
        });
        Schema::table('bands', function (Blueprint $table): void {
            $table->date('measured_on')->nullable();
            $table->uuid('hitched_on')->nullable();
        });
        foreach (['setup_key', 'work_key'] as $column) {
            DB::statement(
                "UPDATE logged_sets SET $column = regexp_replace($column, '^lowering:', 'strict|lowering:') WHERE $column LIKE 'lowering:%'",
            );
            DB::statement(
                "UPDATE logged_sets SET $column = regexp_replace($column, '^hold:([a-z-]+):', 'strict|hold@\\1:') WHERE $column LIKE 'hold:%'",
            );
        }
        DB::statement(
            "UPDATE logged_sets SET effective_share = greatest(0.01, 1 - (1 - effective_share) * (CASE exercise->>'kind' WHEN 'counterweight' THEN ?::float ELSE 1 END) / ?::float) WHERE pattern = 'pull' AND effective_share IS NOT NULL",
            [self::MACHINE_GIVES, self::LIFTED],
        );
        DB::statement(
            'UPDATE gyms SET kit_version = kit_version + 1, to_replay = true WHERE EXISTS (SELECT FROM logged_sets s WHERE s.gym_id = gyms.id)',
        );
    }
};
