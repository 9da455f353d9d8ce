<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * Where in the work a caution matters.
 */
enum Moment: string
{
    case Screening = 'screening';
    case Gear = 'gear';
    case Band = 'band';
    case Row = 'row';
    case Belt = 'belt';
    case Hanging = 'hanging';
    case Lowering = 'lowering';
    case Pain = 'pain';
}
