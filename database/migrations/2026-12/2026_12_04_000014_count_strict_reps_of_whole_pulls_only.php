<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * A strict rep is a whole pull: the indexes that find them leave lowerings, holds and parts of the way out. What a session was warmed
 * up with is no evidence any more and more rows are found, so everything is followed and looked for anew at the start.
 */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['strict' => 'trained_on', 'most' => 'clean_reps'] as $name => $column) {
            DB::statement("DROP INDEX logged_sets_$name");
            DB::statement(
                "CREATE INDEX logged_sets_$name ON logged_sets (gym_id, athlete_id, pattern, $column) WHERE NOT withdrawn AND effective_share >= 0.999 AND clean_reps >= 1 AND coalesce(exercise->>'movement', 'full') = 'full'",
            );
        }
        DB::table('kept_answers')->delete();
        DB::statement('UPDATE gyms SET to_replay = true WHERE EXISTS (SELECT FROM logged_sets s WHERE s.gym_id = gyms.id)');
    }
};
