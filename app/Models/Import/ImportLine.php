<?php

declare(strict_types=1);

namespace App\Models\Import;

use App\Models\BelongsToGym;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A line of a file that waits to be brought in.
 *
 * @property string $import_id
 * @property int $line of the file
 * @property list<string> $cells
 * @property string|null $fault why it cannot be read
 */
final class ImportLine extends Model
{
    use BelongsToGym;

    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'import_lines';

    /** @var array<string, string> */
    protected $casts = ['cells' => 'array'];

    /** @return Builder<self> in order */
    public static function of(Import $import): Builder
    {
        return self::query()->where('import_id', $import->id)->orderBy('line');
    }
}
