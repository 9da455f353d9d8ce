<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A lowering may be tapped half way: seconds to there, and how many of a set went down unevenly.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('logged_sets', function (Blueprint $table): void {
            $table->jsonb('halves_s')->nullable();
            $table->smallInteger('uneven')->nullable();
        });
    }
};
