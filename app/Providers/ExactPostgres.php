<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Database\PostgresConnection;
use Illuminate\Database\Query\Grammars\PostgresGrammar;

/**
 * Moments go to the database whole: the usual form drops what is below a second, and the zone.
 */
final class ExactPostgres extends PostgresConnection
{
    protected function getDefaultQueryGrammar(): PostgresGrammar
    {
        return new class($this) extends PostgresGrammar
        {
            public function getDateFormat(): string
            {
                return 'Y-m-d H:i:s.uP';
            }
        };
    }
}
