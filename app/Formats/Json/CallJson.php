<?php

declare(strict_types=1);

namespace App\Formats\Json;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Rung;
use SteadyRung\Setup\CarriedLoad;

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
        #[OA\Property(items: new OA\Items(ref: CautionJson::class))]
        public array $cautions,
        #[OA\Property(description: 'Rules that nearly fired.', items: new OA\Items(ref: NearlyJson::class))]
        public array $nearly,
    ) {
    }

    public static function of(Call $call, Situation $situation): self
    {
        $from = $situation->rung();
        $rung = static fn (Rung $r): RungJson => RungJson::of($r, $situation->predict($r));
        $change = $call->next === null ? null : $call->next->load->meanN - $from->load->meanN;

        return new self(
            $call->verdict,
            $call->rule,
            $rung($from),
            $call->next === null ? null : $rung($call->next),
            $change === null ? null : CarriedLoad::kg($change),
            $change === null ? null : $from->load->shareOf($change),
            array_map(EvidenceJson::of(...), $call->reasons),
            $call->missing,
            $call->confidence,
            $call->chance,
            $call->mixed === null ? null : MixedSetJson::of($call->mixed),
            array_map(CautionJson::of(...), $call->cautions),
            array_map(NearlyJson::of(...), $call->nearly),
        );
    }
}
