<?php

declare(strict_types=1);

namespace App\Formats\Json\Calls;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

/**
 * A rule that almost made the call, and how far it was met.
 */
#[OA\Schema]
final readonly class NearlyJson
{
    /** @param  list<EvidenceJson>  $evidence */
    public function __construct(
        #[OA\Property]
        public Verdict $verdict,
        #[OA\Property]
        public string $rule,
        #[OA\Property(items: new OA\Items(ref: EvidenceJson::class))]
        public array $evidence,
    ) {
    }
}
