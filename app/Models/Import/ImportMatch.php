<?php

declare(strict_types=1);

namespace App\Models\Import;

use App\Formats\Import\ImportField;
use App\Models\BelongsToGym;
use Illuminate\Database\Eloquent\Model;

/**
 * What a name or an exercise of somebody's files is in this gym; it is remembered for the next file.
 *
 * @property string $field name or exercise
 * @property string $text as it stands in files, in small letters
 * @property string $target
 */
final class ImportMatch extends Model
{
    use BelongsToGym;

    /** The line is left out. */
    public const LEAVE = 'leave';

    /** An exercise as the share of bodyweight that the line tells; without one the count alone is kept. */
    public const SHARE = 'share';

    /** A dead hang. */
    public const HANG = 'hang';

    public const PULL_UP = '{"setup":{"kind":"strict"}}';

    public const CHIN_UP = '{"setup":{"kind":"strict"},"grip":"under"}';

    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'import_matches';

    /** @return array<string, string> targets by text */
    public static function targets(ImportField $field): array
    {
        /** @var array<string, string> */
        return self::query()->where('field', $field->value)->pluck('target', 'text')->all();
    }

    public static function key(string $text): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $text)));
    }
}
