<?php

declare(strict_types=1);

namespace App\Problems;

use Illuminate\Database\QueryException;
use Psr\Log\LoggerInterface;

/**
 * Writes a fault of the database into the log without the values it was about: they may be somebody's health or session.
 */
final class QuietReport
{
    public static function of(QueryException $fault, LoggerInterface $log): void
    {
        $frame = array_values(array_filter($fault->getTrace(), static fn (array $f): bool => str_contains($f['file'] ?? '', '/app/')))[0]
            ?? [];
        $log->error('The database refused a statement.', [
            'sqlstate' => (string) ($fault->getPrevious()?->getCode() ?? $fault->getCode()),
            'sql' => $fault->getSql(),
            'at' => basename($frame['file'] ?? '').':'.($frame['line'] ?? ''),
        ]);
    }
}
