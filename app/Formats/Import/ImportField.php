<?php

declare(strict_types=1);

namespace App\Formats\Import;

use App\Formats\Units\LengthUnit;
use App\Formats\Units\Units;
use OpenApi\Attributes as OA;

/**
 * What a column of a file tells.
 */
#[OA\Schema(type: 'string')]
enum ImportField: string
{
    case Name = 'name';
    case Date = 'date';
    case Time = 'time';
    case Exercise = 'exercise';
    case Reps = 'reps';
    case Seconds = 'seconds';
    case Help = 'help';
    case Added = 'added';
    case Carried = 'carried';
    case Share = 'share';
    case Reserve = 'reserve';
    case Bodyweight = 'bodyweight';
    case Height = 'height';
    case Reach = 'reach';
    case Tags = 'tags';
    case Note = 'note';
    case Piece = 'piece';
    case Straps = 'straps';
    case Thickness = 'thickness';
    case Width = 'width';
    case HungLength = 'hung_length';
    case Mass = 'mass';
    case Diameter = 'diameter';
    case Rated = 'rated';

    private const MASS = ['kg', 'lb'];

    private const LENGTH = ['cm', 'm', 'in'];

    private const THIN = ['mm', 'cm', 'in'];

    /** @return list<string> none where it has none */
    public function units(): array
    {
        return match ($this) {
            self::Help, self::Added, self::Carried, self::Bodyweight, self::Mass, self::Rated => self::MASS,
            self::Height, self::Reach, self::Straps, self::HungLength => self::LENGTH,
            self::Thickness, self::Width, self::Diameter => self::THIN,
            default => [],
        };
    }

    /** What the head of such a column may be called. */
    private function heads(): string
    {
        return match ($this) {
            self::Name => 'name|athlete|member|climber|client|who|person|full name',
            self::Date => 'date|day|when|on|datum|trained on|weighed on',
            self::Time => 'time|hour|clock|at',
            self::Exercise => 'exercise|set-?up|movement|lift|variation|band|what',
            self::Reps => 'reps?|clean reps|repetitions|count|clean',
            self::Seconds => 'seconds|secs?|hang|hold|duration',
            self::Help => 'help|assist(?:ance|ed)?|support|band help',
            self::Added => 'added|extra|plus|belt|weighted|added weight|added load',
            self::Carried => 'carried|load|resistance',
            self::Share => 'share|carried percent|percent|%|of bodyweight|percent of bodyweight',
            self::Reserve => 'reserve|rir|reps in reserve|left|in reserve',
            self::Bodyweight => 'body ?weight|weight|mass|bw',
            self::Height => 'height|stature|tall|anchor|anchor height',
            self::Reach => 'reach|fist|overhead reach',
            self::Tags => 'tags?|class|classes|group|groups',
            self::Note => 'notes?|comments?|remarks?',
            self::Piece => 'piece|kind|type|what|gear|equipment',
            self::Straps => 'straps?|strap marks?|strap lengths?|marks?',
            self::Thickness => 'thickness|thick',
            self::Width => 'width|wide',
            self::HungLength => 'hung|hung length|hangs|length',
            self::Mass => 'mass|weight',
            self::Diameter => 'diameter|bar diameter',
            self::Rated => 'rated|rated for|rating|most|limit',
        };
    }

    /** Whether a column of this title is most likely this. */
    public function isCalled(string $title): bool
    {
        $words = trim((string) preg_replace('~\s*[(\[].*$|[_\s]+~u', ' ', mb_strtolower($title)));

        return preg_match("~^(?:{$this->heads()})(?:\\s*(?:kg|lbs?|mm|cm|m|in|s))?$~u", $words) === 1;
    }

    /** The unit that a title names, as "Bodyweight (lb)" and "height_cm" do, and else the gym's. */
    public function unitIn(string $title, Units $usual): ?string
    {
        foreach ($this->units() as $unit) {
            if (preg_match("~(?:[\\s_(\\[,]|^){$unit}s?(?:[\\s)\\],.]|$)~i", $title) === 1) {
                return $unit;
            }
        }

        return match ($this->units()) {
            self::MASS => $usual->mass->value,
            self::LENGTH => $usual->length->value,
            self::THIN => $usual->length === LengthUnit::Inches ? 'in' : 'mm',
            default => null,
        };
    }
}
