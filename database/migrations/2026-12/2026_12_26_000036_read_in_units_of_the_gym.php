<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What a gym weighs and measures in. Names of set-ups that were kept have the space before their units from now on, by which they
 * are told in others.
 */
return new class extends Migration
{
    private const NAMES = ['logged_sets' => 'setup_name', 'calls' => 'override_name'];

    public function up(): void
    {
        Schema::table('gyms', function (Blueprint $table): void {
            $table->string('mass_unit', 2)->default('kg');
            $table->string('length_unit', 2)->default('cm');
        });
        foreach (self::NAMES as $table => $name) {
            DB::statement(<<<SQL
                update $table set $name = regexp_replace($name, '((?:mark [−+]|stack |scale |Hop of |^Row, .* )[0-9.]+) (kg|cm)\\M', E'\\\\1\\u00a0\\\\2', 'g')
                where $name ~ '[0-9] (kg|cm)'
                SQL);
        }
    }
};
