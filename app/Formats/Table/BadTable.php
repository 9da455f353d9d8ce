<?php

declare(strict_types=1);

namespace App\Formats\Table;

/**
 * A file that is no table.
 */
final class BadTable extends \RuntimeException
{
}
