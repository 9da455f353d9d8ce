<?php

declare(strict_types=1);

namespace SteadyRung\Call;

enum Confidence: string
{
    case Firm = 'firm';
    case Fair = 'fair';
    case Slight = 'slight';
}
