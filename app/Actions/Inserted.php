<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Record;

/**
 * A stored row, and whether this request stored it or one before did.
 *
 * @template-covariant T of Record
 */
final readonly class Inserted
{
    /** @param  T  $record */
    public function __construct(public Record $record, public bool $isNew)
    {
    }
}
