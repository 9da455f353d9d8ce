<?php

declare(strict_types=1);

namespace App\Actions\Deeds;

use App\Formats\Json\ChoiceJson;
use App\Models\Decision;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;
use SteadyRung\Ladder\Choice;

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
        #[OA\Property(ref: ChoiceJson::class, nullable: true)]
        public ?Choice $choice = null,
        #[OA\Property(maxLength: 500)]
        public ?string $reason = null,
    ) {
    }

    public static function accept(int $version): self
    {
        return new self($version, Decision::Accepted);
    }
}
