<?php

declare(strict_types=1);

namespace App\Actions\Export;

/**
 * Why an export cannot be brought in, and at which of its lines.
 */
final class BadExport extends \RuntimeException
{
    public static function at(int $line, string $detail): self
    {
        return new self($line === 0 ? $detail : "Line $line: $detail");
    }
}
