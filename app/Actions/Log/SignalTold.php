<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Formats\Day;
use App\Formats\Inputs\Checked;
use App\Formats\Inputs\UntilToday;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Safety\Symptom;

/**
 * What was told after a session or before the next, one tap each, none required.
 */
#[OA\Schema(schema: 'SignalInput')]
final readonly class SignalTold implements Checked
{
    /** @param  list<Symptom>  $symptoms */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'The day it is about.', format: 'date')]
        #[UntilToday]
        public string $on,
        #[OA\Property(minimum: Signal::SORENESS[0], maximum: Signal::SORENESS[1])]
        public ?int $soreness = null,
        #[OA\Property(items: new OA\Items(type: 'string', enum: Symptom::class))]
        public array $symptoms = [],
        #[OA\Property]
        public ?LimitingFactor $gave_out = null,
        #[OA\Property(minimum: Signal::EFFORT[0], maximum: Signal::EFFORT[1])]
        public ?int $effort = null,
        #[OA\Property(description: 'Whether it is felt where it should be.')]
        public ?bool $takes_hold = null,
        #[OA\Property(maxLength: 200)]
        public ?string $felt_worked = null,
        #[OA\Property(description: 'Whether they climbed that day.')]
        public ?bool $wall_day = null,
    ) {
    }

    public function check(JsonObject $json): void
    {
        Signal::of(
            day: Day::number($this->on),
            soreness: $this->soreness,
            symptoms: $this->symptoms,
            pain: null,
            limitingFactor: $this->gave_out,
            effort: $this->effort,
            takesHold: $this->takes_hold,
            feltWorked: $this->felt_worked,
        );
    }
}
