<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Athletes\AthleteParticulars;
use App\Formats\Day;
use App\Formats\Inputs\Checked;
use App\Formats\Inputs\OneLine;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Floor\ClassPattern;

/**
 * A class as a coach makes it.
 */
#[OA\Schema(schema: 'ClassInput')]
final readonly class ClassGiven implements Checked
{
    public const MOST_TAGS = 12;

    /** @param  list<string>  $tags */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(maxLength: 80)]
        #[OneLine]
        public string $name,
        #[OA\Property(description: 'The day of the first.', type: 'string', format: 'date')]
        public string $first_on,
        #[OA\Property(description: 'Where the gym is, as 18:30.', maxLength: 5, pattern: '^([01][0-9]|2[0-3]):[0-5][0-9]$')]
        public string $at,
        #[OA\Property(minimum: ClassPattern::MINUTES[0], maximum: ClassPattern::MINUTES[1])]
        public int $minutes,
        #[OA\Property(description: 'Every week on that weekday.')]
        public bool $weekly = false,
        #[OA\Property(description: 'The last day, of a weekly one.', type: 'string', format: 'date')]
        public ?string $last_on = null,
        #[OA\Property(
            description: 'Whoever has one of these comes.',
            items: new OA\Items(type: 'string', maxLength: AthleteParticulars::LONGEST_TAG),
            maxItems: self::MOST_TAGS,
        )]
        public array $tags = [],
    ) {
    }

    public function check(JsonObject $json): void
    {
        match (true) {
            preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $this->at) !== 1 => throw $json->fault(
                'at',
                'Give the time as hours and minutes, like 18:30.',
            ),
            $this->last_on !== null && $this->last_on < $this->first_on => throw $json->fault(
                'last_on',
                'The last day is before the first.',
            ),
            default => ClassPattern::of(Day::number($this->first_on), $this->minutes, $this->weekly),
        };
    }
}
