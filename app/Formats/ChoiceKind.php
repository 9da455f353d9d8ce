<?php

declare(strict_types=1);

namespace App\Formats;

enum ChoiceKind: string
{
    case Strict = 'strict';
    case Band = 'band';
}
