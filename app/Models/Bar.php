<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use SteadyRung\Kit\Bar as CoreBar;

/**
 * @property string $name
 * @property float $height_m
 * @property CarbonImmutable|null $retired_at
 */
final class Bar extends Record
{
    protected $casts = ['height_m' => 'float', 'retired_at' => 'immutable_datetime'];

    public function toCore(): CoreBar
    {
        return CoreBar::of($this->id, $this->name, $this->height_m);
    }
}
