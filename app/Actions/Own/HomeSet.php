<?php

declare(strict_types=1);

namespace App\Actions\Own;

use App\Actions\Log\SetDone;
use App\Formats\Inputs\Checked;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Strength\Filter\Observation;

/**
 * A set as an athlete counted it by themselves.
 */
#[OA\Schema(schema: 'HomeSetInput')]
final readonly class HomeSet implements Checked
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(type: 'string', format: 'date-time')]
        public \DateTimeImmutable $performed_at,
        #[OA\Property(ref: ExerciseJson::class)]
        public Exercise $exercise,
        #[OA\Property(minimum: Observation::REPS[0], maximum: Observation::REPS[1])]
        public ?int $clean_reps = null,
        #[OA\Property(description: 'Of a hold.', minimum: SetDone::HANG_S[0], maximum: SetDone::HANG_S[1])]
        public ?float $hang_s = null,
        #[OA\Property(minimum: Observation::RESERVE[0], maximum: Observation::RESERVE[1])]
        public ?int $reserve = null,
    ) {
    }

    public function check(JsonObject $json): void
    {
        $this->done()->check($json);
    }

    public function done(): SetDone
    {
        return new SetDone(
            id: $this->id,
            performed_at: $this->performed_at,
            purpose: Purpose::Home,
            exercise: $this->exercise,
            clean_reps: $this->clean_reps,
            reserve: $this->reserve,
            hang_s: $this->hang_s,
        );
    }
}
