<?php

declare(strict_types=1);

namespace App\Responses\Calls;

use App\Formats\Json\Calls\CallJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\Stored\StoredCall;
use App\Models\Calls\CallRecord;
use App\Models\Calls\Decision;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * A call as it was stored, and the coach's word on it.
 */
#[OA\Schema]
final readonly class KeptCallResponse
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'uuid')]
        public string $athlete_id,
        #[OA\Property]
        public string $athlete_name,
        #[OA\Property]
        public int $version,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
        #[OA\Property]
        public CallJson $call,
        #[OA\Property(description: 'What was changed under it since it was made.')]
        public ?string $changed,
        #[OA\Property]
        public ?Decision $decision,
        #[OA\Property]
        public ?Verdict $override_verdict,
        #[OA\Property]
        public ?ExerciseJson $override_exercise,
        #[OA\Property(description: 'Name of the set-up the coach chose instead.')]
        public ?string $override_name,
        #[OA\Property]
        public ?string $override_reason,
        #[OA\Property(format: 'date-time')]
        public ?string $decided_at,
    ) {
    }

    public static function of(CallRecord $call, string $athleteName): self
    {
        return new self(
            id: $call->id,
            athlete_id: $call->athlete_id,
            athlete_name: $athleteName,
            version: $call->version,
            made_at: $call->made_at->utc()->format('Y-m-d\TH:i:s\Z'),
            call: StoredCall::read($call->call),
            changed: $call->changed,
            decision: $call->decision,
            override_verdict: $call->override_verdict,
            override_exercise: $call->override_exercise === null ? null : ExerciseJson::of($call->override_exercise),
            override_name: $call->override_name,
            override_reason: $call->override_reason,
            decided_at: $call->decided_at?->utc()->format('Y-m-d\TH:i:s\Z'),
        );
    }
}
