<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('gear', function (Blueprint $table): void {
            $this->ownedByGym($table);
            $table->string('kind', 16);
            $table->string('name', 60);
            $table->jsonb('figures');
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
        Schema::create('band_inspections', function (Blueprint $table): void {
            $this->ownedByGym($table);
            $table->uuid('band_id');
            $table->uuid('user_id');
            $table->date('inspected_on');
            $table->string('finding', 16);
            $table->string('note', 500)->nullable();
            $table->index(['gym_id', 'band_id', 'inspected_on']);
            $table->foreign(['gym_id', 'band_id'])->references(['gym_id', 'id'])->on('bands');
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
        Schema::create('weighings', function (Blueprint $table): void {
            $this->ownedByGym($table);
            $table->uuid('athlete_id');
            $table->date('weighed_on');
            $table->double('mass_kg');
            $table->index(['gym_id', 'athlete_id', 'weighed_on']);
            $table->foreign(['gym_id', 'athlete_id'])->references(['gym_id', 'id'])->on('athletes');
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
