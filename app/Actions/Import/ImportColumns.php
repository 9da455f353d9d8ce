<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Formats\Table\DateForm;
use App\Models\Import\Import;
use App\Models\Import\ImportLine;

/**
 * What the columns of a file tell.
 */
final readonly class ImportColumns
{
    /** @param  array<string, array{int, string}>  $columns  place and unit by field */
    private function __construct(public array $columns, public DateForm $dates)
    {
    }

    public static function of(Import $import): self
    {
        $mapping = $import->mapping;
        $columns = [];
        foreach ($mapping['columns'] as $i => $column) {
            if ($column['field'] !== null) {
                $columns[$column['field']] ??= [$i, (string) $column['unit']];
            }
        }

        return new self($columns, DateForm::from($mapping['dates']));
    }

    public function read(ImportLine $line): ReadCells
    {
        return new ReadCells($this, $line->cells);
    }
}
