<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

/**
 * Whether the heels of a row stand free, or against a wall, a plate or the lip of a box.
 */
enum Heels: string
{
    case Free = 'free';
    case Blocked = 'blocked';
}
