<?php

declare(strict_types=1);

namespace App\Formats\Import;

use OpenApi\Attributes as OA;

/**
 * What the lines of a file are about.
 */
#[OA\Schema(type: 'string')]
enum ImportKind: string
{
    case People = 'people';
    case Weighings = 'weighings';
    case Sets = 'sets';

    /** @return non-empty-list<ImportField> what a line may tell of it */
    public function fields(): array
    {
        return match ($this) {
            self::People => [ImportField::Name, ImportField::Bodyweight, ImportField::Height, ImportField::Reach, ImportField::Tags],
            self::Weighings => [ImportField::Name, ImportField::Date, ImportField::Bodyweight],
            self::Sets => [
                ImportField::Name, ImportField::Date, ImportField::Time, ImportField::Exercise, ImportField::Reps, ImportField::Seconds,
                ImportField::Help, ImportField::Added, ImportField::Carried, ImportField::Share, ImportField::Reserve,
                ImportField::Bodyweight, ImportField::Note,
            ],
        };
    }

    /** @return non-empty-list<ImportField> what it cannot do without */
    public function needed(): array
    {
        return match ($this) {
            self::People => [ImportField::Name, ImportField::Bodyweight, ImportField::Height],
            self::Weighings => [ImportField::Name, ImportField::Date, ImportField::Bodyweight],
            self::Sets => [ImportField::Name, ImportField::Date, ImportField::Exercise],
        };
    }
}
