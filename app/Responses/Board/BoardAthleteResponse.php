<?php

declare(strict_types=1);

namespace App\Responses\Board;

use App\Responses\Floor\FloorAthleteResponse;
use App\Responses\Log\SetResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Floor\ConcernKind;

/**
 * Somebody of the class. Who is not up to anything, for whatever reason, has no name and no lines; only what they hung up is known.
 */
#[OA\Schema]
final readonly class BoardAthleteResponse
{
    /**
     * @param  list<BoardLineResponse>  $lines
     * @param  list<BoardSetResponse>  $sets
     * @param  list<BoardWorkResponse>  $beside
     */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'As they are called on the board.')]
        public ?string $name,
        #[OA\Property(items: new OA\Items(ref: BoardLineResponse::class))]
        public array $lines,
        #[OA\Property(
            description: 'Keys of what is done in the place of lines today, by line.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
        )]
        public object $switched,
        #[OA\Property(description: 'Lowerings that the caps left before the day began.')]
        public int $lowerings_left,
        #[OA\Property(items: new OA\Items(ref: BoardSetResponse::class))]
        public array $sets,
        #[OA\Property(items: new OA\Items(ref: BoardWorkResponse::class))]
        public array $beside,
    ) {
    }

    /** @param  \stdClass|null  $sheet  as it is kept */
    public static function of(FloorAthleteResponse $athlete, ?\stdClass $sheet, string $shown): self
    {
        $sets = array_map(static fn (SetResponse $s): BoardSetResponse => BoardSetResponse::of($s), $athlete->sets);
        if ($sheet === null || ! self::isUp($athlete, $sheet)) {
            return new self($athlete->id, null, [], new \stdClass, 0, $sets, []);
        }

        return new self(
            id: $athlete->id,
            name: $shown,
            lines: array_values(array_map(BoardLineResponse::of(...), $sheet->lines)),
            switched: $athlete->switched,
            lowerings_left: $sheet->lowerings->today,
            sets: $sets,
            beside: array_map(BoardWorkResponse::of(...), $athlete->beside),
        );
    }

    private static function isUp(FloorAthleteResponse $athlete, \stdClass $sheet): bool
    {
        $concern = ConcernKind::tryFrom($sheet->concern->kind ?? '');

        return $athlete->coming && ! $athlete->paused && $concern?->isBlocking() !== true;
    }
}
