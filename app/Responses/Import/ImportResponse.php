<?php

declare(strict_types=1);

namespace App\Responses\Import;

use App\Formats\Import\ImportField;
use App\Formats\Import\ImportKind;
use App\Formats\Table\DateForm;
use App\Models\Import\Import;
use OpenApi\Attributes as OA;

/**
 * A file that is to be brought in or was, with what its columns are taken for.
 */
#[OA\Schema(schema: 'Import')]
final readonly class ImportResponse
{
    /**
     * @param  list<ImportColumnResponse>  $columns
     * @param  list<ImportFieldResponse>  $fields
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public ImportKind $kind,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public int $lines,
        #[OA\Property(description: 'Lines gone through so far.')]
        public int $lines_so_far,
        #[OA\Property]
        public ImportState $state,
        #[OA\Property(description: 'Lines that came.')]
        public int $taken,
        #[OA\Property(description: 'Lines that were there already.')]
        public int $known,
        #[OA\Property(description: 'Lines that were left out.')]
        public int $refused,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
        #[OA\Property]
        public DateForm $dates,
        #[OA\Property(items: new OA\Items(ref: ImportColumnResponse::class))]
        public array $columns,
        #[OA\Property(description: 'What a column can tell.', items: new OA\Items(ref: ImportFieldResponse::class))]
        public array $fields,
    ) {
    }

    public static function of(Import $import): self
    {
        $needed = $import->kind->needed();

        return new self(
            id: $import->id,
            kind: $import->kind,
            name: $import->name,
            lines: $import->lines,
            lines_so_far: $import->linesSoFar(),
            state: ImportState::of($import),
            taken: $import->taken,
            known: $import->known,
            refused: $import->refused,
            made_at: $import->made_at->utc()->format('Y-m-d\TH:i:s\Z'),
            dates: DateForm::from($import->mapping['dates']),
            columns: array_map(
                static fn (string $title, array $column): ImportColumnResponse => new ImportColumnResponse(
                    $title,
                    $column['field'] === null ? null : ImportField::from($column['field']),
                    $column['unit'],
                ),
                $import->titles,
                array_slice($import->mapping['columns'], 0, count($import->titles)),
            ),
            fields: array_map(
                static fn (ImportField $f): ImportFieldResponse => new ImportFieldResponse($f, in_array($f, $needed, true), $f->units()),
                $import->kind->fields(),
            ),
        );
    }
}
