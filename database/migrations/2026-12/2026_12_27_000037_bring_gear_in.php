<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * By which file a piece of gear came, and how far a file has come that is being brought in.
 */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['gear', 'bands'] as $table) {
            Schema::table($table, static fn (Blueprint $t) => $t->uuid('import_id')->nullable());
            DB::statement("CREATE INDEX {$table}_imported ON $table (gym_id, import_id) WHERE import_id IS NOT NULL");
        }
        Schema::create('import_progress', function (Blueprint $table): void {
            $table->uuid('gym_id');
            $table->uuid('import_id');
            $table->primary(['gym_id', 'import_id']);
            $table->integer('lines');
        });
    }
};
