<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Actions\Kit\ChangeGear;
use App\Formats\Import\ImportKind;
use App\Models\Import\Import;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use App\Problems\Problem;

/**
 * Adds the gear that a file tells of, as it is added by hand.
 */
final readonly class StorePieces
{
    public function __construct(private ChangeGear $gear)
    {
    }

    /**
     * @param  array<string, ImportRow>  $new  by key
     *
     * @throws Problem if somebody took a name or the last room meanwhile
     */
    public function store(Import $import, array $new): int
    {
        foreach ($new as $id => $row) {
            $columns = [...$row->columns, 'id' => $id, 'import_id' => $import->id];
            $this->gear->add($import->kind === ImportKind::Bands ? new Band($columns) : new Gear($columns), (object) $row->columns);
        }

        return count($new);
    }
}
