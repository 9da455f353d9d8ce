<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\ChoiceJson;
use App\Formats\JsonObject;
use App\Formats\PainJson;
use App\Formats\Unreadable;
use App\Models\NoCount;
use App\Models\Purpose;
use OpenApi\Attributes as OA;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\OutOfRange;
use SteadyRung\Safety\Pain;
use SteadyRung\Strength\Observation;

/**
 * One set as it was done: clean reps on a set-up, or a hang or hold in seconds.
 */
#[OA\Schema]
final readonly class SetInput
{
    public const HANG_S = [0.0, 600.0];

    private const NO_COUNTS = [1.0, 50.0];

    /** @param  array<string, int>  $no_counts */
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(type: 'string', format: 'date-time')]
        public \DateTimeImmutable $performed_at,
        #[OA\Property]
        public Purpose $purpose,
        #[OA\Property(ref: ChoiceJson::class, nullable: true)]
        public ?Choice $choice = null,
        #[OA\Property(minimum: Observation::REPS[0], maximum: Observation::REPS[1])]
        public ?int $clean_reps = null,
        #[OA\Property(type: 'object', description: 'Reps that did not count, by reason.', additionalProperties: new OA\AdditionalProperties(type: 'integer'))]
        public array $no_counts = [],
        #[OA\Property(description: 'Reps in reserve; none if nobody knows.', minimum: Observation::RESERVE[0], maximum: Observation::RESERVE[1])]
        public ?int $reserve = null,
        #[OA\Property(description: 'Seconds of a dead hang, or of the hold chosen, instead of reps.', minimum: self::HANG_S[0], maximum: self::HANG_S[1])]
        public ?float $hang_s = null,
        #[OA\Property(ref: PainJson::class, nullable: true)]
        public ?Pain $pain = null,
        #[OA\Property(maxLength: 500)]
        public ?string $note = null,
        #[OA\Property(description: 'The set this one corrects.', format: 'uuid')]
        public ?string $replaces_id = null,
    ) {
    }

    public static function read(JsonObject $json, \DateTimeImmutable $now): self
    {
        $json->allowing('id', 'performed_at', 'purpose', 'choice', 'clean_reps', 'no_counts', 'reserve', 'hang_s', 'pain', 'note', 'replaces_id');
        self::refuseMixture($json);
        $choice = $json->optionalObject('choice');
        $pain = $json->optionalObject('pain');
        self::refuseWrongChoice($json, $choice === null ? null : ChoiceJson::read($choice));
        $input = new self(
            $json->uuid('id'),
            $json->moment('performed_at'),
            $json->choice('purpose', Purpose::class),
            $choice === null ? null : ChoiceJson::read($choice),
            $json->optionalInteger('clean_reps'),
            self::noCounts($json->optionalObject('no_counts')),
            $json->optionalInteger('reserve'),
            $json->optionalNumber('hang_s'),
            $pain === null ? null : PainJson::read($pain),
            $json->optionalText('note', 500),
            $json->has('replaces_id') ? $json->uuid('replaces_id') : null,
        );
        if ($input->performed_at > $now->modify('+10 minutes')) {
            throw $json->fault('performed_at', 'This lies in the future. Check the clock of this device.');
        }
        $json->build(static fn () => OutOfRange::guard([
            'clean_reps' => [$input->clean_reps, Observation::REPS],
            'reserve' => [$input->reserve, Observation::RESERVE],
            'hang_s' => [$input->hang_s, self::HANG_S],
        ]));

        return $input;
    }

    private static function refuseMixture(JsonObject $json): void
    {
        match (true) {
            $json->has('clean_reps') === $json->has('hang_s') => throw $json->fault('clean_reps', 'Give clean reps or hang seconds, one of them.'),
            $json->has('clean_reps') && ! $json->has('choice') => throw $json->fault('choice', 'Reps need the set-up they were done on.'),
            $json->has('hang_s') && ($json->has('reserve') || $json->has('no_counts')) => throw $json->fault('hang_s', 'A hang has no reserve or no-counts.'),
            default => null,
        };
    }

    private static function refuseWrongChoice(JsonObject $json, ?Choice $choice): void
    {
        if ($choice !== null && ($choice->kind() === ChoiceKind::Hold) !== $json->has('hang_s')) {
            throw $json->fault('choice', 'A hold is logged by its seconds, everything else by its reps.');
        }
    }

    /**
     * @return array<string, int>
     *
     * @throws Unreadable if a reason is not known or a count is outside 1–50
     */
    private static function noCounts(?JsonObject $json): array
    {
        if ($json === null) {
            return [];
        }
        $reasons = array_column(NoCount::cases(), 'value');
        $json->allowing(...$reasons);
        $counts = [];
        foreach ($reasons as $reason) {
            $count = $json->optionalInteger($reason);
            if ($count !== null) {
                $json->build(static fn () => OutOfRange::guard([$reason => [$count, self::NO_COUNTS]]));
                $counts[$reason] = $count;
            }
        }

        return $counts;
    }
}
