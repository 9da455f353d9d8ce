<?php

declare(strict_types=1);

namespace App\Formats\Stored;

/**
 * Something kept that cannot be understood any more: a fault on our side, never the asker's.
 */
final class Damaged extends \RuntimeException
{
    public static function form(string $form, string $json, \Throwable $why): self
    {
        return new self(sprintf('Stored %s cannot be read: %s (%s)', $form, $why->getMessage(), mb_strimwidth(mb_scrub($json), 0, 300, '…')), 0, $why);
    }
}
