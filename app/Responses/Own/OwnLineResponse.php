<?php

declare(strict_types=1);

namespace App\Responses\Own;

use App\Formats\Json\Drawing\SideViewJson;
use App\Formats\Json\Methods\AmountJson;
use App\Formats\Json\Safety\CautionJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\Json\Setups\PredictionJson;
use OpenApi\Attributes as OA;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Rung;
use SteadyRung\Plan\Session\Block;

/**
 * One line of their session, as an athlete needs it.
 */
#[OA\Schema(schema: 'OwnLine')]
final readonly class OwnLineResponse
{
    /**
     * @param  list<string>  $cues
     * @param  list<CautionJson>  $cautions
     */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'None of work beside the pull.')]
        public ?ExerciseJson $exercise,
        #[OA\Property]
        public ?SideViewJson $view,
        #[OA\Property]
        public int $sets,
        #[OA\Property]
        public AmountJson $amount,
        #[OA\Property(description: 'Of one set: reps, seconds or metres.')]
        public int $aim,
        #[OA\Property]
        public bool $to_failure,
        #[OA\Property]
        public bool $per_side,
        #[OA\Property]
        public ?string $tempo,
        #[OA\Property]
        public int $rest_s,
        #[OA\Property(description: 'Reps to failure in the first set; none where nobody can tell.')]
        public ?PredictionJson $likely,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cues,
        #[OA\Property(items: new OA\Items(ref: CautionJson::class))]
        public array $cautions,
    ) {
    }

    public static function of(Block $block, Body $body): self
    {
        $rung = $block->do instanceof Rung ? $block->do : null;
        $first = $block->expected[0] ?? null;

        return new self(
            name: $block->words(),
            exercise: $rung === null ? null : ExerciseJson::of($rung->exercise),
            view: $rung === null ? null : SideViewJson::of($rung->setup->sideView($body)),
            sets: $block->sets,
            amount: AmountJson::of($block->amount),
            aim: $block->aim(),
            to_failure: $block->toFailure,
            per_side: $block->isPerSide,
            tempo: $block->tempo,
            rest_s: $block->restS,
            likely: $first === null ? null : PredictionJson::of($first),
            cues: $block->cues,
            cautions: array_map(CautionJson::of(...), $block->cautions),
        );
    }
}
