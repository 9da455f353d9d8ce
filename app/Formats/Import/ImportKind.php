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
    case Gear = 'gear';
    case Bands = 'bands';

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
            self::Gear => [
                ImportField::Name, ImportField::Piece, ImportField::Height, ImportField::Straps, ImportField::Thickness, ImportField::Mass,
                ImportField::Diameter, ImportField::Rated,
            ],
            self::Bands => [ImportField::Name, ImportField::Width, ImportField::Thickness, ImportField::HungLength],
        };
    }

    /** @return non-empty-list<ImportField> what it cannot do without */
    public function needed(): array
    {
        return match ($this) {
            self::People => [ImportField::Name, ImportField::Bodyweight, ImportField::Height],
            self::Weighings => [ImportField::Name, ImportField::Date, ImportField::Bodyweight],
            self::Sets => [ImportField::Name, ImportField::Date, ImportField::Exercise],
            self::Gear => [ImportField::Name, ImportField::Piece],
            self::Bands => [ImportField::Name, ImportField::Width, ImportField::Thickness, ImportField::HungLength],
        };
    }

    /** Whether its lines are about people who are here already. */
    public function namesAthletes(): bool
    {
        return $this === self::Weighings || $this === self::Sets;
    }

    public function isOfKit(): bool
    {
        return $this === self::Gear || $this === self::Bands;
    }
}
