<?php

declare(strict_types=1);

namespace App\Formats\Json\Calls;

use App\Formats\Json\Ladder\RungJson;
use App\Formats\Json\Safety\CautionJson;
use App\Formats\Json\Sessions\MixedSetJson;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Verdict;

/**
 * What to do next time, and why.
 */
#[OA\Schema]
final readonly class CallJson
{
    /**
     * @param  list<EvidenceJson>  $reasons
     * @param  list<string>  $missing
     * @param  list<CautionJson>  $cautions
     * @param  list<NearlyJson>  $nearly
     */
    public function __construct(
        #[OA\Property]
        public Verdict $verdict,
        #[OA\Property(description: 'The rule that fired.')]
        public string $rule,
        #[OA\Property(description: 'The set-up the call was made on.')]
        public RungJson $from,
        #[OA\Property(description: 'The exact next set-up; none while pulling is paused.')]
        public ?RungJson $next,
        #[OA\Property(description: 'What next changes in carried kilograms.')]
        public ?float $change_kg,
        #[OA\Property(description: 'What next changes in carried share.')]
        public ?float $change_share,
        #[OA\Property(items: new OA\Items(ref: EvidenceJson::class))]
        public array $reasons,
        #[OA\Property(description: 'What would change the call.', items: new OA\Items(type: 'string'))]
        public array $missing,
        #[OA\Property]
        public Confidence $confidence,
        #[OA\Property(description: 'Chance of the floor reps on the next set-up.')]
        public ?float $chance,
        #[OA\Property]
        public ?MixedSetJson $mixed,
        #[OA\Property(description: 'The stage it leads to, where that is another.')]
        public ?string $stage_name,
        #[OA\Property(items: new OA\Items(ref: CautionJson::class))]
        public array $cautions,
        #[OA\Property(description: 'Rules that nearly fired.', items: new OA\Items(ref: NearlyJson::class))]
        public array $nearly,
    ) {
    }
}
