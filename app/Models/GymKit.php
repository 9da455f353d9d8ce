<?php

declare(strict_types=1);

namespace App\Models;

use SteadyRung\Kit\Bar as CoreBar;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\LoopBand;

/**
 * The gear in use of the current gym.
 */
final class GymKit
{
    /** More gear of a kind than this no gym has. */
    public const MOST_OF_A_KIND = 100;

    public function inUse(): Kit
    {
        return new Kit(
            array_values(Bar::query()->whereNull('retired_at')->orderBy('height_m')->limit(self::MOST_OF_A_KIND)->get()->map(static fn (Bar $bar): CoreBar => $bar->toCore())->all()),
            array_values(Band::query()->whereNull('retired_at')->orderBy('width_mm')->limit(self::MOST_OF_A_KIND)->get()->map(static fn (Band $band): LoopBand => $band->toCore())->all()),
        );
    }
}
