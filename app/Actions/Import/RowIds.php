<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Formats\Import\ImportKind;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\Weighing;
use App\Models\Import\Import;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use App\Models\Log\LoggedSet;
use App\Models\Record;
use Illuminate\Database\Eloquent\Builder;

/**
 * The keys of rows that are brought in, and which of them are there already. What was brought in and undone comes anew under another key.
 */
final class RowIds
{
    /**
     * @param  list<ImportRow>  $rows
     * @return array{array<string, ImportRow>, int} new ones by key, and how many are there already
     */
    public static function of(Import $import, array $rows): array
    {
        $new = [];
        $known = 0;
        for ($undone = 0; $rows !== []; $undone++) {
            $byId = [];
            foreach ($rows as $row) {
                $byId[$row->id($import->gym_id, $undone)] = $row;
            }
            $there = self::table($import->kind)->whereIn('id', array_keys($byId))->pluck('import_id', 'id')->all();
            $undoneImports = Import::query()->whereIn('id', array_filter(array_unique($there)))->whereNotNull('undone_at')
                ->pluck('id')->flip()->all();
            $again = array_filter($there, static fn (?string $by): bool => $by !== null && isset($undoneImports[$by]));
            $known += count($there) - count($again);
            $new += array_diff_key($byId, $there);
            $rows = array_values(array_intersect_key($byId, $again));
        }

        return [$new, $known];
    }

    /** @return Builder<covariant Record> where such rows are kept */
    public static function table(ImportKind $kind): Builder
    {
        return match ($kind) {
            ImportKind::People => Athlete::query(),
            ImportKind::Weighings => Weighing::query(),
            ImportKind::Sets => LoggedSet::query(),
            ImportKind::Gear => Gear::query(),
            ImportKind::Bands => Band::query(),
        };
    }
}
