<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use OpenApi\Attributes as OA;
use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Ladder\Rung;
use SteadyRung\Setup\CarriedLoad;

/**
 * What to do next time, and why.
 */
#[OA\Schema]
final readonly class CallAnswer
{
    /**
     * @param  list<string>  $reasons
     * @param  list<string>  $missing
     * @param  list<RungAnswer>  $between
     * @param  list<CautionAnswer>  $cautions
     */
    public function __construct(
        #[OA\Property]
        public Verdict $verdict,
        #[OA\Property(description: 'The rule that fired.')]
        public string $rule,
        #[OA\Property(description: 'The set-up the call was made on.')]
        public RungAnswer $from,
        #[OA\Property(description: 'The exact next set-up; none while pulling is paused.')]
        public ?RungAnswer $next,
        #[OA\Property(description: 'What next changes in carried kilograms.')]
        public ?float $change_kg,
        #[OA\Property(description: 'What next changes in carried share.')]
        public ?float $change_share,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $reasons,
        #[OA\Property(description: 'What would change the call.', items: new OA\Items(type: 'string'))]
        public array $missing,
        #[OA\Property]
        public Confidence $confidence,
        #[OA\Property(description: 'Chance of the floor reps on the next set-up.')]
        public ?float $chance,
        #[OA\Property(description: 'Set-ups inside a step that is too large.', items: new OA\Items(ref: RungAnswer::class))]
        public array $between,
        #[OA\Property]
        public ?MixedSetAnswer $mixed,
        #[OA\Property(items: new OA\Items(ref: CautionAnswer::class))]
        public array $cautions,
    ) {
    }

    public static function of(Call $call, Situation $situation): self
    {
        $from = $situation->rung();
        $rung = static fn (Rung $r): RungAnswer => RungAnswer::of($r, $situation->predict($r));
        $change = $call->next === null ? null : $call->next->load->meanN - $from->load->meanN;

        return new self(
            $call->verdict,
            $call->rule,
            $rung($from),
            $call->next === null ? null : $rung($call->next),
            $change === null ? null : CarriedLoad::kg($change),
            $change === null ? null : $from->load->shareOf($change),
            $call->reasons,
            $call->missing,
            $call->confidence,
            $call->chance,
            array_map($rung, $call->between),
            $call->mixed === null ? null : MixedSetAnswer::of($call->mixed),
            array_map(CautionAnswer::of(...), $call->cautions),
        );
    }
}
