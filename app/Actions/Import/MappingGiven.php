<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Formats\Import\ImportField;
use App\Formats\JsonObject;
use App\Formats\Table\DateForm;
use App\Formats\Table\Records;
use App\Models\Import\ImportMatch;
use OpenApi\Attributes as OA;

/**
 * What the columns of a file tell, how its dates are written, and what its names and exercises are in this gym.
 */
#[OA\Schema(
    schema: 'MappingInput',
    required: ['columns', 'dates'],
    properties: [
        new OA\Property(property: 'columns', type: 'array', items: new OA\Items(
            required: ['field', 'unit'],
            properties: [
                new OA\Property(property: 'field', ref: ImportField::class, nullable: true),
                new OA\Property(property: 'unit', type: 'string', nullable: true),
            ],
            type: 'object',
        )),
        new OA\Property(property: 'dates', ref: DateForm::class),
        new OA\Property(property: 'matches', type: 'array', items: new OA\Items(
            required: ['field', 'text', 'target'],
            properties: [
                new OA\Property(property: 'field', type: 'string', enum: ['name', 'exercise']),
                new OA\Property(property: 'text', type: 'string', maxLength: Records::LONGEST_CELL),
                new OA\Property(property: 'target', type: 'string', maxLength: self::LONGEST_TARGET),
            ],
            type: 'object',
        )),
    ],
    type: 'object',
)]
final readonly class MappingGiven
{
    public const MOST_MATCHES = 500;

    public const LONGEST_TARGET = 2000;

    /**
     * @param  list<array{field: string|null, unit: string|null}>  $columns
     * @param  list<array{ImportField, string, string}>  $matches  field, text, target
     */
    private function __construct(public array $columns, public DateForm $dates, public array $matches)
    {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('columns', 'dates', 'matches');

        return new self(
            array_map(self::column(...), $json->objects('columns', Records::MOST_CELLS)),
            $json->choice('dates', DateForm::class),
            $json->has('matches') ? array_map(self::match(...), $json->objects('matches', self::MOST_MATCHES)) : [],
        );
    }

    /** @return array{field: string|null, unit: string|null} */
    private static function column(JsonObject $column): array
    {
        $column->allowing('field', 'unit');
        $field = $column->optionalChoice('field', ImportField::class);
        $unit = $column->optionalText('unit', 8);
        if ($field !== null && ($unit !== null || $field->units() !== []) && ! in_array($unit, $field->units(), true)) {
            throw $column->fault('unit', 'This must be one of '.implode(', ', $field->units()).'.');
        }

        return ['field' => $field?->value, 'unit' => $field === null ? null : $unit];
    }

    /** @return array{ImportField, string, string} */
    private static function match(JsonObject $match): array
    {
        $match->allowing('field', 'text', 'target');
        $field = $match->choice('field', ImportField::class);
        if (! in_array($field, [ImportField::Name, ImportField::Exercise], true)) {
            throw $match->fault('field', 'Only names and exercises are matched.');
        }

        return [$field, ImportMatch::key($match->text('text', Records::LONGEST_CELL)), $match->text('target', self::LONGEST_TARGET)];
    }
}
