<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

enum TraceKind: string
{
    case Force = 'force';
    case Height = 'height';
}
