<?php

declare(strict_types=1);

namespace App\Queries\Athletes;

/**
 * Whom the roster shows.
 */
enum RosterShow: string
{
    case All = 'all';
    case Overdue = 'overdue';
    case Paused = 'paused';
    case Archived = 'archived';
}
