<?php

declare(strict_types=1);

namespace App\Actions\Sessions;

use App\Formats\Inputs\Checked;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Prescription;
use SteadyRung\Plan\Context\LineChange;

/**
 * A line of the written session as the coach wants it, for the next session or from now on.
 */
#[OA\Schema(schema: 'LineInput')]
final readonly class LineGiven implements Checked
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'Key of the line, or of one more.', maxLength: 160)]
        public string $line,
        #[OA\Property(description: 'From now on; else until the next work is logged.')]
        public bool $lasts,
        #[OA\Property]
        public bool $left_out = false,
        #[OA\Property(minimum: Prescription::SETS[0], maximum: Prescription::SETS[1])]
        public ?int $sets = null,
        #[OA\Property(minimum: Amount::COUNT[0], maximum: Amount::COUNT[1])]
        public ?int $low = null,
        #[OA\Property(minimum: Amount::COUNT[0], maximum: Amount::COUNT[1])]
        public ?int $high = null,
        #[OA\Property(minimum: Prescription::REST_S[0], maximum: Prescription::REST_S[1])]
        public ?int $rest_s = null,
        #[OA\Property(ref: ExerciseJson::class)]
        public ?Exercise $exercise = null,
        #[OA\Property]
        public ?Accessory $accessory = null,
    ) {
    }

    public function check(JsonObject $json): void
    {
        $this->toCore(0);
    }

    public function toCore(int $today): LineChange
    {
        return LineChange::of(
            line: $this->line,
            from: $today,
            lasts: $this->lasts,
            isLeftOut: $this->left_out,
            sets: $this->sets,
            low: $this->low,
            high: $this->high,
            restS: $this->rest_s,
            instead: $this->accessory ?? $this->exercise,
        );
    }
}
