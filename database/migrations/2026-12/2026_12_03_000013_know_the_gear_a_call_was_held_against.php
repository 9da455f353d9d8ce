<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * How often the gear of a gym changed, and up to which change an athlete's call was held against it.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('gyms', static fn (Blueprint $table) => $table->bigInteger('gear_changes')->default(0));
        Schema::table('athletes', static fn (Blueprint $table) => $table->bigInteger('gear_seen')->default(0));
    }
};
