<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Reps;

enum Formula: string
{
    case Steady = 'steady';
    case Epley = 'epley';
    case Brzycki = 'brzycki';
}
