<?php

declare(strict_types=1);

use App\Formats\Stored\StoredExercise;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Real columns for what SQL asks, fingerprints in place of hashes, and the tables that keep reads from growing with the log.
 */
return new class extends Migration
{
    private const OWNED = ['gear', 'bands', 'band_inspections', 'athletes', 'weighings', 'logged_sets', 'clearances'];

    public function up(): void
    {
        foreach (self::OWNED as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->dropColumn('request_hash');
                $table->char('fingerprint', 64)->nullable();
            });
        }
        Schema::table('gyms', function (Blueprint $table): void {
            $table->bigInteger('kit_version')->default(1);
            $table->boolean('is_demo')->default(false);
        });
        DB::statement("UPDATE gyms SET is_demo = true WHERE id = '01900000-0000-7000-8000-000000000001'");
        Schema::table('athletes', function (Blueprint $table): void {
            $table->jsonb('tags')->default('[]');
            $table->timestampTz('archived_at', 6)->nullable();
            $table->date('last_trained_on')->nullable();
            $table->index(['gym_id', 'last_trained_on', 'id']);
        });
        Schema::table('weighings', function (Blueprint $table): void {
            $table->uuid('replaces_id')->nullable();
        });
        Schema::table('logged_sets', function (Blueprint $table): void {
            $table->string('setup_key', 600)->nullable();
            $table->string('work_key', 600)->nullable();
            $table->string('held_at', 16)->nullable();
            $table->timestampTz('pain_told_at', 6)->nullable();
        });
        Schema::table('calls', function (Blueprint $table): void {
            $table->dropColumn('decision_hash');
            $table->string('changed', 600)->nullable();
            $table->jsonb('chosen_before')->nullable();
        });
        Schema::table('sessions', function (Blueprint $table): void {
            $table->integer('began_at')->default(0);
            $table->dropColumn(['ip_address', 'user_agent']);
        });
        DB::table('sessions')->delete();
        Schema::create('set_bands', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('band_id');
            $table->date('trained_on');
            $table->uuid('set_id');
            $table->primary(['gym_id', 'band_id', 'trained_on', 'set_id']);
            $table->foreign(['gym_id', 'set_id'])->references(['gym_id', 'id'])->on('logged_sets');
        });
        Schema::create('pain_reports', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->uuid('athlete_id');
            $table->uuid('user_id');
            $table->jsonb('pain');
            $table->string('note', 500)->nullable();
            $table->timestampTz('told_at', 6);
            $table->char('fingerprint', 64)->nullable();
            $table->primary(['gym_id', 'id']);
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
            $table->index(['gym_id', 'athlete_id', 'told_at']);
        });
        Schema::create('kept_answers', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->bigInteger('kit_version');
            $table->char('question', 64);
            $table->jsonb('answer');
            $table->timestampTz('kept_at', 6);
            $table->primary(['gym_id', 'question', 'kit_version']);
        });
        Schema::create('sign_in_delays', function (Blueprint $table): void {
            $table->char('key', 64)->primary();
            $table->integer('failures');
            $table->timestampTz('until', 6);
        });
        Schema::create('known_devices', function (Blueprint $table): void {
            $table->char('token', 64);
            $table->foreignUuid('user_id')->constrained('users');
            $table->timestampTz('seen_at', 6);
            $table->primary(['user_id', 'token']);
        });
        $this->fill();
        $this->index();
    }

    private function fill(): void
    {
        DB::table('logged_sets')->whereNotNull('choice')
            ->orderBy('gym_id')
            ->orderBy('id')
            ->select(['gym_id', 'id', 'choice', 'trained_on'])
            ->lazy(2000)
            ->each(function (object $row): void {
                $exercise = StoredExercise::read($row->choice);
                DB::table('logged_sets')->where('gym_id', $row->gym_id)->where('id', $row->id)->update([
                    'setup_key' => $exercise->key(),
                    'work_key' => $exercise->work(),
                    'held_at' => $exercise->style->at?->value,
                ]);
                foreach ($exercise->setup->bandIds() as $bandId) {
                    DB::table('set_bands')->insert([
                        'gym_id' => $row->gym_id,
                        'band_id' => $bandId,
                        'trained_on' => $row->trained_on,
                        'set_id' => $row->id,
                    ]);
                }
            });
        DB::statement("UPDATE logged_sets SET held_at = 'hang' WHERE hang_s IS NOT NULL AND choice IS NULL");
        DB::statement('UPDATE logged_sets SET pain_told_at = logged_at WHERE pain IS NOT NULL');
        DB::statement(
            'UPDATE athletes SET last_trained_on = (SELECT max(trained_on) FROM logged_sets s WHERE s.gym_id = athletes.gym_id AND s.athlete_id = athletes.id AND NOT s.withdrawn)',
        );
    }

    private function index(): void
    {
        DB::statement('DROP INDEX logged_sets_bands');
        DB::statement('DROP INDEX logged_sets_pain');
        DB::statement('CREATE INDEX logged_sets_pain ON logged_sets (gym_id, athlete_id, pain_told_at) WHERE pain_told_at IS NOT NULL');
        DB::statement(
            "CREATE INDEX logged_sets_news ON logged_sets (gym_id, athlete_id, logged_at) WHERE NOT withdrawn AND (purpose = 'work' OR pain_told_at IS NOT NULL)",
        );
        DB::statement(
            "CREATE INDEX logged_sets_hangs ON logged_sets (gym_id, athlete_id, hang_s) WHERE NOT withdrawn AND held_at = 'hang'",
        );
        DB::statement(
            'CREATE INDEX logged_sets_work ON logged_sets (gym_id, athlete_id, trained_on, performed_at, id) WHERE NOT withdrawn AND purpose = \'work\' AND clean_reps IS NOT NULL',
        );
        DB::statement('CREATE INDEX calls_decided ON calls (gym_id, athlete_id, decided_at) WHERE decided_at IS NOT NULL');
        DB::statement('CREATE UNIQUE INDEX weighings_replaced_once ON weighings (gym_id, replaces_id) WHERE replaces_id IS NOT NULL');
    }
};
