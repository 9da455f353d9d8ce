<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Models\Import\ImportLine;

/**
 * Some lines of a file, and what becomes of them.
 */
final readonly class ImportPart
{
    /**
     * @param  list<ImportLine>  $lines
     * @param  array<string, ImportRow>  $new  rows to be stored, by key
     * @param  int  $known  rows that are there already
     * @param  list<ImportRow>  $refused
     */
    public function __construct(public array $lines, public array $new, public int $known, public array $refused)
    {
    }
}
