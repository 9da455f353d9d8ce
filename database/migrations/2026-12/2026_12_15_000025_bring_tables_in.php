<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Files of people, weighings and sets are brought in: their lines wait in a table of their own, what a name or an exercise of them is in
 * this gym is remembered, and each row that came says with which file.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('imports', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->uuid('id');
            $table->primary(['gym_id', 'id']);
            $table->char('fingerprint', 64)->nullable();
            $table->uuid('user_id');
            $table->string('kind', 16);
            $table->string('name', 120);
            $table->jsonb('titles');
            $table->unsignedInteger('lines');
            $table->jsonb('mapping');
            $table->timestampTz('made_at', 6);
            foreach (['ordered_at', 'ended_at', 'failed_at', 'undone_at'] as $moment) {
                $table->timestampTz($moment, 6)->nullable();
            }
            foreach (['taken', 'known', 'refused'] as $count) {
                $table->unsignedInteger($count)->default(0);
            }
            $table->index(['gym_id', 'made_at']);
        });
        Schema::create('import_lines', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('import_id');
            $table->unsignedInteger('line');
            $table->primary(['gym_id', 'import_id', 'line']);
            $table->jsonb('cells');
            $table->string('fault', 200)->nullable();
            $table->foreign(['gym_id', 'import_id'])->references(['gym_id', 'id'])->on('imports');
        });
        Schema::create('import_matches', function (Blueprint $table): void {
            $table->foreignUuid('gym_id')->constrained('gyms');
            $table->string('field', 16);
            $table->string('text', 500);
            $table->primary(['gym_id', 'field', 'text']);
            $table->text('target');
        });
        foreach (['athletes', 'weighings', 'logged_sets'] as $table) {
            Schema::table($table, static fn (Blueprint $t) => $t->uuid('import_id')->nullable());
            DB::statement("CREATE INDEX {$table}_imported ON $table (gym_id, import_id) WHERE import_id IS NOT NULL");
        }
    }
};
