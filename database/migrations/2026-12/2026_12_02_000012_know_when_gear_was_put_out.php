<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * When it was told that a piece is out of use for a day: what was told later stands, whenever it arrives.
 */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['gear', 'bands'] as $pieces) {
            Schema::table($pieces, static fn (Blueprint $table) => $table->timestampTz('out_told_at', 6)->nullable());
        }
    }
};
