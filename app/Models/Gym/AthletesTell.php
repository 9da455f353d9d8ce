<?php

declare(strict_types=1);

namespace App\Models\Gym;

/**
 * What a gym lets athletes tell on their own page.
 */
enum AthletesTell: string
{
    case Sets = 'sets';
    case Pain = 'pain';
    case Soreness = 'soreness';
    case Coming = 'coming';
}
