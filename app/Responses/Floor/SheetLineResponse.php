<?php

declare(strict_types=1);

namespace App\Responses\Floor;

use App\Formats\Json\Drawing\SideViewJson;
use App\Formats\Json\Methods\AmountJson;
use App\Formats\Json\Safety\CautionJson;
use App\Formats\Json\Sessions\BegunJson;
use App\Formats\Json\Setups\SecondsJson;
use OpenApi\Attributes as OA;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\MoreHelp;
use SteadyRung\Safety\Caution;
use SteadyRung\Strength\RepPrediction;

/**
 * One line of a session on the floor: enough to do it, log it and put something else in its place without a network.
 */
#[OA\Schema(schema: 'SheetLine')]
final readonly class SheetLineResponse
{
    /**
     * @param  list<string>  $cues
     * @param  list<CautionJson>  $cautions
     * @param  list<SheetRungResponse>  $others
     */
    public function __construct(
        #[OA\Property(description: 'What the line is known by; made up for a try or a test.')]
        public string $line,
        #[OA\Property]
        public SessionPart $part,
        #[OA\Property]
        public Purpose $purpose,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'What is set up; none of work beside the pull.')]
        public ?SheetRungResponse $rung,
        #[OA\Property]
        public ?Accessory $accessory,
        #[OA\Property]
        public ?string $group,
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
        #[OA\Property(description: 'How long one set takes its station, stepping in and out with it.')]
        public int $set_s,
        #[OA\Property]
        public ?SecondsJson $seconds,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cues,
        #[OA\Property(items: new OA\Items(ref: CautionJson::class))]
        public array $cautions,
        #[OA\Property]
        public ?string $remark,
        #[OA\Property(description: 'The set-up as it looks.')]
        public ?SideViewJson $view,
        #[OA\Property(
            description: 'What could be done instead, nearest in carried share first.',
            items: new OA\Items(ref: SheetRungResponse::class),
        )]
        public array $others,
        #[OA\Property(description: 'Fewer clean reps than this fell far short; none where that is not said.')]
        public ?int $short_below,
        #[OA\Property(description: 'Which of the others has more help, to be offered after a set that fell short.')]
        public ?string $more_help,
        #[OA\Property(description: 'What each set begins on; the amount is what follows.')]
        public ?BegunJson $begun,
    ) {
    }

    /** @param  list<array{Rung, RepPrediction|null}>  $others  and what is likely on each */
    public static function of(Block $block, Body $body, array $others): self
    {
        $purpose = $block->purpose ?? Purpose::Work;

        return new self(
            line: $block->line === '' ? $purpose->value : $block->line,
            part: $block->part,
            purpose: $purpose,
            name: $block->words(),
            rung: $block->rung() === null ? null : SheetRungResponse::of($block->rung(), $block->expected[0] ?? null, $block->aim()),
            accessory: $block->do instanceof Accessory ? $block->do : null,
            group: $block->group,
            sets: $block->sets,
            amount: AmountJson::of($block->amount),
            aim: $block->aim(),
            to_failure: $block->toFailure,
            per_side: $block->isPerSide,
            tempo: $block->tempo,
            rest_s: $block->restS,
            set_s: $block->setS(),
            seconds: $block->seconds === null ? null : SecondsJson::of($block->seconds),
            cues: $block->cues,
            cautions: array_map(static fn (Caution $c): CautionJson => CautionJson::of($c), $block->cautions),
            remark: $block->note,
            view: $block->rung() === null ? null : SideViewJson::of($block->rung()->setup->sideView($body)),
            others: array_map(static fn (array $o) => SheetRungResponse::of($o[0], $o[1], $block->aimOn($o[1])), $others),
            short_below: MoreHelp::shortBelow($block),
            more_help: MoreHelp::after($block, $others)?->key(),
            begun: BegunJson::of($block->begun),
        );
    }
}
