<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use App\Models\Athletes\AthleteKind;
use App\Responses\Log\AccessorySetResponse;
use App\Responses\Log\SetResponse;
use App\Responses\Screening\PainSourceResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Diary\LimitingFactor;

/**
 * An athlete of a class on its day: the session as it was written, and what was done and told.
 */
#[OA\Schema(schema: 'FloorAthlete')]
final readonly class FloorAthleteResponse
{
    /**
     * @param  list<SetResponse>  $sets
     * @param  list<AccessorySetResponse>  $beside
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public AthleteKind $kind,
        #[OA\Property(description: 'Whether expected today.')]
        public bool $coming,
        #[OA\Property(description: 'Without a tag of the class.')]
        public bool $walk_in,
        #[OA\Property(description: 'Whether pulling is paused.')]
        public bool $paused,
        #[OA\Property(description: 'What the pain was told with that it is paused for.')]
        public ?PainSourceResponse $pain_source,
        #[OA\Property(ref: SheetResponse::class, description: 'None in news of who began: it is as it was.', nullable: true)]
        public SheetResponse|\stdClass|null $sheet,
        #[OA\Property(
            description: 'Keys of what is done in the place of lines today, by line.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
        )]
        public object $switched,
        #[OA\Property(description: 'Of this day, in order.', items: new OA\Items(ref: SetResponse::class))]
        public array $sets,
        #[OA\Property(description: 'Of this day, in order.', items: new OA\Items(ref: AccessorySetResponse::class))]
        public array $beside,
        #[OA\Property(description: 'Told of this day.')]
        public ?LimitingFactor $gave_out,
        #[OA\Property]
        public ?int $effort,
        #[OA\Property(description: 'The soreness told last, within days of this one.')]
        public ?int $soreness,
        #[OA\Property(description: 'Whether the session before was felt in the right place, told within days of it.')]
        public ?bool $took_hold,
        #[OA\Property(description: 'The last day on the wall, within days of this one.', format: 'date')]
        public ?string $wall_on,
        #[OA\Property(description: 'The day before this one that was trained on last.', format: 'date')]
        public ?string $trained_before_on,
    ) {
    }
}
