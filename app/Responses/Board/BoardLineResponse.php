<?php

declare(strict_types=1);

namespace App\Responses\Board;

use App\Formats\Json\Methods\AmountJson;
use OpenApi\Attributes as OA;
use SteadyRung\Method\Accessory;
use SteadyRung\Plan\Diary\Purpose;

/**
 * One line of somebody's session: what is done, how often, and on what.
 */
#[OA\Schema]
final readonly class BoardLineResponse
{
    /** @param  list<BoardRungResponse>  $others */
    private function __construct(
        #[OA\Property]
        public string $line,
        #[OA\Property]
        public Purpose $purpose,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'None of work beside the pull.')]
        public ?BoardRungResponse $rung,
        #[OA\Property]
        public ?Accessory $accessory,
        #[OA\Property]
        public ?string $group,
        #[OA\Property]
        public int $sets,
        #[OA\Property(ref: AmountJson::class)]
        public object $amount,
        #[OA\Property(description: 'Of one set: reps, seconds or metres.')]
        public int $aim,
        #[OA\Property]
        public bool $per_side,
        #[OA\Property]
        public int $rest_s,
        #[OA\Property(description: 'What may be done instead.', items: new OA\Items(ref: BoardRungResponse::class))]
        public array $others,
        #[OA\Property(description: 'Reps that each set begins with, on another set-up.')]
        public int $begun_reps,
    ) {
    }

    public static function of(\stdClass $line): self
    {
        return new self(
            line: $line->line,
            purpose: Purpose::from($line->purpose),
            name: $line->name,
            rung: $line->rung === null ? null : BoardRungResponse::of($line->rung),
            accessory: Accessory::tryFrom($line->accessory ?? ''),
            group: $line->group,
            sets: $line->sets,
            amount: $line->amount,
            aim: $line->aim,
            per_side: $line->per_side,
            rest_s: $line->rest_s,
            others: array_values(array_map(BoardRungResponse::of(...), $line->others)),
            begun_reps: $line->begun->reps ?? 0,
        );
    }
}
