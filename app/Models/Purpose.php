<?php

declare(strict_types=1);

namespace App\Models;

enum Purpose: string
{
    case Baseline = 'baseline';
    case Work = 'work';
}
