<?php

declare(strict_types=1);

namespace App\Models\Import;

use App\Formats\Import\ImportKind;
use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * A file that was brought in, or is about to be: its lines wait in a table of their own until they are.
 *
 * @property string $user_id
 * @property ImportKind $kind
 * @property string $name of the file
 * @property list<string> $titles of its columns
 * @property int $lines
 * @property array{columns: list<array{field: string|null, unit: string|null}>, dates: string} $mapping
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable|null $ordered_at
 * @property CarbonImmutable|null $ended_at
 * @property CarbonImmutable|null $failed_at
 * @property CarbonImmutable|null $undone_at
 * @property int $taken
 * @property int $known that were there already
 * @property int $refused
 */
final class Import extends Record
{
    /** The table of how far files have come that are being brought in. */
    public const PROGRESS = 'import_progress';

    public $timestamps = false;

    protected $table = 'imports';

    protected $attributes = [
        'ordered_at' => null, 'ended_at' => null, 'failed_at' => null, 'undone_at' => null,
        'taken' => 0, 'known' => 0, 'refused' => 0,
    ];

    protected $casts = [
        'kind' => ImportKind::class,
        'titles' => 'array',
        'mapping' => 'array',
        'made_at' => 'immutable_datetime',
        'ordered_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
        'failed_at' => 'immutable_datetime',
        'undone_at' => 'immutable_datetime',
    ];

    /** How many of its lines were brought in so far. */
    public function linesSoFar(): int
    {
        return match (true) {
            $this->ended_at !== null => $this->lines,
            $this->ordered_at === null || $this->failed_at !== null => 0,
            default => (int) $this->getConnection()->table(self::PROGRESS)
                ->where('gym_id', $this->gym_id)->where('import_id', $this->id)->value('lines'),
        };
    }
}
