<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('bars', function (Blueprint $table): void {
            $this->ownedByGym($table);
            $table->string('name', 60);
            $table->double('height_m');
            $table->timestampTz('retired_at', 6)->nullable();
        });
        Schema::create('bands', function (Blueprint $table): void {
            $this->ownedByGym($table);
            $table->string('name', 60);
            $table->double('hung_length_m');
            $table->double('width_mm');
            $table->double('thickness_mm');
            $table->jsonb('points');
            $table->timestampTz('retired_at', 6)->nullable();
        });
        Schema::create('athletes', function (Blueprint $table): void {
            $this->ownedByGym($table);
            $table->string('name', 80);
            $table->string('kind', 16);
            $table->double('mass_kg');
            $table->double('stature_m');
            $table->double('reach_m')->nullable();
            $table->jsonb('chosen')->nullable();
            $table->jsonb('pain')->nullable();
            $table->timestampTz('paused_at', 6)->nullable();
            $table->index(['gym_id', 'name']);
        });
    }

    private function ownedByGym(Blueprint $table): void
    {
        $table->foreignUuid('gym_id')->constrained('gyms');
        $table->uuid('id');
        $table->char('request_hash', 64);
        $table->timestampsTz(6);
        $table->primary(['gym_id', 'id']);
    }
};
