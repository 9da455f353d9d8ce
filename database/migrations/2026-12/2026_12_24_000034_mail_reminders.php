<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Who works in a gym may have its reminders by mail.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('reminders', 16)->default('never');
            $table->date('reminded_on')->nullable();
        });
        DB::statement("CREATE INDEX users_reminded ON users (gym_id, id) WHERE reminders <> 'never'");
    }
};
