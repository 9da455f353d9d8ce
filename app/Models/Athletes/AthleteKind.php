<?php

declare(strict_types=1);

namespace App\Models\Athletes;

enum AthleteKind: string
{
    case Gym = 'gym';
    case Climbing = 'climbing';
    case Both = 'both';
}
