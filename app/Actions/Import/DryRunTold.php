<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Formats\Import\ImportField;

/**
 * What would become of a file.
 */
final readonly class DryRunTold
{
    /**
     * @param  list<ImportRow>  $refused  the first of them
     * @param  list<array{ImportField, string, int, string|null}>  $asked  field, text, lines, what it is taken for
     * @param  list<list<string>>  $samples  cells of each column
     */
    public function __construct(
        public int $ready,
        public int $known,
        public int $refusedCount,
        public array $refused,
        public array $asked,
        public array $samples,
    ) {
    }
}
