<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Actions\Log\LoadOfSet;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Import\Import;
use App\Models\Import\ImportLine;

/**
 * Reads a file some lines at a time. Nothing is stored by it, so that a dry run and the import are the same.
 */
final readonly class ReadImport
{
    private const AT_ONCE = 1000;

    public function __construct(private LoadOfSet $computed, private GymDay $days, private CurrentGym $gym)
    {
    }

    /** @return iterable<ImportPart> */
    public function parts(Import $import, ImportNames $names): iterable
    {
        $rows = new ImportRows($this->computed, $this->days, $this->gym, $names, new ReadGear, $import);
        foreach (ImportLine::of($import)->lazy(self::AT_ONCE)->chunk(self::AT_ONCE) as $lines) {
            $lines = array_values($lines->all());
            $good = $refused = [];
            foreach ($lines as $line) {
                $row = $rows->of($line);
                $row->refused === null ? $good[] = $row : $refused[] = $row;
            }
            [$new, $known] = RowIds::of($import, $good);
            yield new ImportPart($lines, $new, $known, $refused);
        }
    }
}
