<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

enum SetupKind: string
{
    case Strict = 'strict';
    case Band = 'band';
    case Added = 'added';
}
