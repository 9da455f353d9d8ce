<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * The log of the whole gym is read newest first.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('logged_sets', function (Blueprint $table): void {
            $table->index(['gym_id', 'trained_on', 'performed_at', 'id'], 'logged_sets_by_day');
        });
    }
};
