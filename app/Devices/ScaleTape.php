<?php

declare(strict_types=1);

namespace App\Devices;

use SteadyRung\Kit\Scale\ScaleReading;

/**
 * The last seconds of a scale: whether it is a simulated one, its clock, and its readings in the order they came.
 */
final readonly class ScaleTape
{
    /** @param  list<ScaleReading>  $readings */
    public function __construct(public bool $simulated, public int $nowMs, public array $readings)
    {
    }
}
