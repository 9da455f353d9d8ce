<?php

declare(strict_types=1);

namespace App\Context\Gym;

use App\Formats\Export\ExportTable;
use Illuminate\Support\Facades\Schema;

/**
 * Which columns of a table are exported, as the database has them now.
 */
final readonly class ExportColumns
{
    /** @return list<string> */
    public static function of(ExportTable $table): array
    {
        return array_values(array_diff(Schema::getColumnListing($table->value), $table->left()));
    }
}
