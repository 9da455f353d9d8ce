<?php

declare(strict_types=1);

namespace App\Responses\Log;

enum RecomputationState: string
{
    case Running = 'running';
    case Ended = 'ended';
    case Stopped = 'stopped';
}
