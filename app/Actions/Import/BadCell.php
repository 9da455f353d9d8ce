<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Formats\Import\ImportField;

/**
 * A line that cannot be brought in because of what stands in one of its cells.
 */
final class BadCell extends \RuntimeException
{
    public static function at(ImportField $field, string $text, string $what): self
    {
        return new self(sprintf('“%s” under %s is not %s.', mb_strimwidth($text, 0, 40, '…'), $field->value, $what));
    }

    public static function needed(ImportField $field): self
    {
        return new self(sprintf('There is no %s.', $field->value));
    }

    public static function because(string $why): self
    {
        return new self($why);
    }
}
