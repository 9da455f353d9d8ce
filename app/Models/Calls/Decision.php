<?php

declare(strict_types=1);

namespace App\Models\Calls;

enum Decision: string
{
    case Accepted = 'accepted';
    case Overridden = 'overridden';
}
