<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use App\Models\Floor\GymClass;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Class')]
final readonly class ClassResponse
{
    /**
     * @param  list<string>  $tags
     * @param  list<string>  $next
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(format: 'date')]
        public string $first_on,
        #[OA\Property(description: 'Where the gym is, as 18:30.')]
        public string $at,
        #[OA\Property]
        public int $minutes,
        #[OA\Property]
        public bool $weekly,
        #[OA\Property(format: 'date')]
        public ?string $last_on,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $tags,
        #[OA\Property(
            description: 'The next days it is held on, the gym\'s time off left out.',
            items: new OA\Items(type: 'string', format: 'date'),
        )]
        public array $next,
    ) {
    }

    /** @param  list<string>  $next */
    public static function of(GymClass $class, array $next): self
    {
        return new self(
            id: $class->id,
            name: $class->name,
            first_on: $class->first_on,
            at: $class->at,
            minutes: $class->minutes,
            weekly: $class->weekly,
            last_on: $class->last_on,
            tags: $class->tags,
            next: $next,
        );
    }
}
