<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A builder ends after its weeks; of those chosen before nobody knows the day, and they begin today.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('athletes', static fn (Blueprint $table) => $table->date('builder_since')->nullable());
        DB::update('UPDATE athletes SET builder_since = CURRENT_DATE WHERE builder_key IS NOT NULL');
    }
};
