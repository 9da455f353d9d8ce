<?php

declare(strict_types=1);

namespace App\Formats\Json\Sessions;

use App\Formats\Json\Ladder\RungJson;
use App\Formats\Json\Methods\AmountJson;
use App\Formats\Json\Safety\CautionJson;
use App\Formats\Json\Setups\PredictionJson;
use App\Formats\Json\Setups\SecondsJson;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Trial;
use SteadyRung\Strength\RepPrediction;

/**
 * One line of a written session.
 */
#[OA\Schema]
final readonly class BlockJson
{
    /**
     * @param  list<PredictionJson>  $expected
     * @param  list<string>  $cues
     * @param  list<CautionJson>  $cautions
     */
    public function __construct(
        #[OA\Property]
        public SessionPart $part,
        #[OA\Property]
        public ?Purpose $purpose,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'What is set up; none of work beside the pull.')]
        public ?RungJson $rung,
        #[OA\Property]
        public ?Accessory $accessory,
        #[OA\Property(description: 'Lines of one letter are done in rounds.')]
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
        #[OA\Property(description: 'Reps to failure in each set, tired by those before.', items: new OA\Items(ref: PredictionJson::class))]
        public array $expected,
        #[OA\Property]
        public ?SecondsJson $seconds,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cues,
        #[OA\Property(items: new OA\Items(ref: CautionJson::class))]
        public array $cautions,
        #[OA\Property]
        public ?string $note,
        #[OA\Property(description: 'What the line is known by; empty for a try, a test or a trial.')]
        public string $line,
        #[OA\Property(description: 'What the method itself asks, where that is written otherwise.')]
        public ?string $school,
        #[OA\Property(description: 'Whether the coach changed it, and for how long.')]
        public ?ByHandJson $by_hand,
        #[OA\Property(description: 'What each set begins on; the amount is what follows.')]
        public ?BegunJson $begun,
    ) {
    }

    public static function of(Block $block): self
    {
        $seconds = $block->seconds === null ? null : SecondsJson::of($block->seconds);

        return new self(
            part: $block->part,
            purpose: $block->purpose,
            name: $block->words(),
            rung: $block->do instanceof Rung ? RungJson::of($block->do, $block->expected[0] ?? null, $seconds) : null,
            accessory: $block->do instanceof Accessory ? $block->do : null,
            group: $block->group,
            sets: $block->sets,
            amount: AmountJson::of($block->amount),
            aim: $block->aim(),
            to_failure: $block->toFailure,
            per_side: $block->isPerSide,
            tempo: $block->tempo,
            rest_s: $block->restS,
            expected: array_map(static fn (RepPrediction $p): PredictionJson => PredictionJson::of($p), $block->expected),
            seconds: $seconds,
            cues: $block->cues,
            cautions: array_map(CautionJson::of(...), $block->cautions),
            note: $block->note,
            line: $block->line === Trial::LINE ? '' : $block->line,
            school: $block->school,
            by_hand: ByHandJson::of($block->byHand),
            begun: BegunJson::of($block->begun),
        );
    }
}
