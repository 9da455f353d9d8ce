<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\ChoiceJson;
use App\Formats\JsonObject;
use App\Models\Decision;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;
use SteadyRung\Ladder\Choice;

/**
 * The coach's word: accepted as it is, or overridden with another verdict and a reason, and a set-up if it changes.
 */
#[OA\Schema]
final readonly class DecisionInput
{
    private function __construct(
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

    public static function read(JsonObject $json): self
    {
        $json->allowing('version', 'decision', 'verdict', 'choice', 'reason');
        $decision = $json->choice('decision', Decision::class);
        $choice = $json->optionalObject('choice');
        if ($decision === Decision::Accepted && ($json->has('verdict') || $json->has('reason') || $choice !== null)) {
            throw $json->fault('decision', 'An accepted call takes no verdict, set-up or reason of its own.');
        }

        return new self(
            $json->integer('version'),
            $decision,
            $decision === Decision::Accepted ? null : $json->choice('verdict', Verdict::class),
            $choice === null ? null : ChoiceJson::read($choice),
            $decision === Decision::Accepted ? null : $json->text('reason', 500),
        );
    }
}
