<?php

declare(strict_types=1);

namespace App\Formats\Stored;

/**
 * Something kept that cannot be understood any more: a fault on our side, never the asker's.
 */
final class Damaged extends \RuntimeException
{
    /** Names the form and what is wrong with it, not what stands in it. */
    public static function form(string $form, \Throwable $why): self
    {
        return new self(sprintf('Stored %s cannot be read: %s', $form, $why->getMessage()), 0, $why);
    }
}
