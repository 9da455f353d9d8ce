<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use SteadyRung\Kit\CalibrationPoint;
use SteadyRung\Kit\LoopBand;

/**
 * @property string $name
 * @property float $hung_length_m
 * @property float $width_mm
 * @property float $thickness_mm
 * @property list<array{length_m: float, force_n: float}> $points
 * @property CarbonImmutable|null $retired_at
 */
final class Band extends Record
{
    protected $casts = [
        'hung_length_m' => 'float',
        'width_mm' => 'float',
        'thickness_mm' => 'float',
        'points' => 'array',
        'retired_at' => 'immutable_datetime',
    ];

    public function toCore(): LoopBand
    {
        $points = array_map(
            static fn (array $p): CalibrationPoint => CalibrationPoint::of((float) $p['length_m'], (float) $p['force_n']),
            $this->points,
        );

        return LoopBand::of($this->id, $this->name, $this->hung_length_m, $this->width_mm, $this->thickness_mm, $points);
    }
}
