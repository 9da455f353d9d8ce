<?php

declare(strict_types=1);

namespace App\Actions\Calls;

use App\Formats\Json\Setups\ExerciseJson;
use App\Models\Calls\Decision;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Exercise;

/**
 * The coach's word: accepted as it is, or overridden with another verdict and a reason, and a set-up if it changes.
 */
#[OA\Schema(schema: 'DecisionInput')]
final readonly class CallDecision
{
    public function __construct(
        #[OA\Property(description: 'The version of the call that the coach saw.', minimum: 1)]
        public int $version,
        #[OA\Property]
        public Decision $decision,
        #[OA\Property]
        public ?Verdict $verdict = null,
        #[OA\Property(ref: ExerciseJson::class, nullable: true)]
        public ?Exercise $exercise = null,
        #[OA\Property(maxLength: 500)]
        public ?string $reason = null,
    ) {
    }

    public static function accept(int $version): self
    {
        return new self($version, Decision::Accepted);
    }
}
