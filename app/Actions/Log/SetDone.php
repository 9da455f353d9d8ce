<?php

declare(strict_types=1);

namespace App\Actions\Log;

use App\Formats\Inputs\Checked;
use App\Formats\Inputs\CountedBy;
use App\Formats\Json\Safety\PainJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\OutOfRange;
use SteadyRung\Plan\Diary\EvenDown;
use SteadyRung\Plan\Diary\NoCount;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Safety\Pain;
use SteadyRung\Strength\Filter\Observation;
use SteadyRung\Strength\Reps\Seconds;

/**
 * One set as it was done: clean reps on a set-up, or a hang or hold in seconds.
 */
#[OA\Schema(schema: 'SetInput')]
final readonly class SetDone implements Checked
{
    public const HANG_S = [0.0, 600.0];

    public const NO_COUNTS = [1.0, 50.0];

    public const MOST_SPLITS = 50;

    /**
     * @param  array<string, int>  $no_counts by reason
     * @param  list<FormFault>  $faults
     * @param  list<float>  $splits_s
     * @param  list<float>  $halves_s
     *
     * @throws OutOfRange if a figure is outside its range
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(type: 'string', format: 'date-time')]
        public \DateTimeImmutable $performed_at,
        #[OA\Property]
        public Purpose $purpose,
        #[OA\Property(ref: ExerciseJson::class, nullable: true)]
        public ?Exercise $exercise = null,
        #[OA\Property(minimum: Observation::REPS[0], maximum: Observation::REPS[1])]
        public ?int $clean_reps = null,
        #[OA\Property(
            type: 'object',
            description: 'Reps that did not count, by reason.',
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
        )]
        #[CountedBy(NoCount::class)]
        public array $no_counts = [],
        #[OA\Property(
            description: 'Reps in reserve; none if nobody knows.',
            minimum: Observation::RESERVE[0],
            maximum: Observation::RESERVE[1],
        )]
        public ?int $reserve = null,
        #[OA\Property(
            description: 'Seconds of a dead hang, or of the hold chosen, instead of reps.',
            minimum: self::HANG_S[0],
            maximum: self::HANG_S[1],
        )]
        public ?float $hang_s = null,
        #[OA\Property(ref: PainJson::class, nullable: true)]
        public ?Pain $pain = null,
        #[OA\Property(maxLength: 500)]
        public ?string $note = null,
        #[OA\Property(description: 'The set this one corrects.', format: 'uuid')]
        public ?string $replaces_id = null,
        #[OA\Property(
            description: 'The set this one goes on from, on another exercise: a mixed set. It counts for neither gate nor capacity.',
            format: 'uuid',
        )]
        public ?string $part_of = null,
        #[OA\Property(description: 'The reps that were asked of it.', minimum: Observation::REPS[0], maximum: Observation::REPS[1])]
        public ?int $asked_reps = null,
        #[OA\Property(description: 'Whether not one more clean rep was there.')]
        public bool $to_failure = false,
        #[OA\Property(description: 'What was seen in how it was done.', items: new OA\Items(type: 'string', enum: FormFault::class))]
        public array $faults = [],
        #[OA\Property(
            description: 'Seconds of each counted lowering, in order.',
            items: new OA\Items(type: 'number', format: 'float'),
            maxItems: self::MOST_SPLITS,
        )]
        public array $splits_s = [],
        #[OA\Property(
            description: 'Seconds to half way of each of them, in the same order; 0 where nobody tapped.',
            items: new OA\Items(type: 'number', format: 'float'),
            maxItems: self::MOST_SPLITS,
        )]
        public array $halves_s = [],
        #[OA\Property(description: 'The line of the written session that it was done for.', maxLength: 160)]
        public ?string $line = null,
    ) {
        foreach ($splits_s as $i => $split) {
            OutOfRange::guard(["splits_s/$i" => [$split, Seconds::ASKED]]);
        }
        foreach ($halves_s as $i => $half) {
            OutOfRange::guard(["halves_s/$i" => [$half, [0.0, $splits_s[$i] ?? 0.0]]]);
        }
        foreach ($no_counts as $reason => $count) {
            OutOfRange::guard(["no_counts/$reason" => [$count, self::NO_COUNTS]]);
        }
    }

    public function check(JsonObject $json): void
    {
        $isHang = $this->hang_s !== null;
        match (true) {
            ($this->clean_reps !== null) === $isHang => throw $json->fault('clean_reps', 'Give clean reps or hang seconds, one of them.'),
            ! $isHang && $this->exercise === null => throw $json->fault('exercise', 'Reps need the set-up they were done on.'),
            $isHang && ($json->has('reserve') || $json->has('no_counts') || $json->has('asked_reps') || $json->has('to_failure')) => throw $json->fault(
                'hang_s',
                'A hang has no reserve, no-counts or reps asked.',
            ),
            $this->to_failure && (int) $this->reserve > 0 => throw $json->fault('reserve', 'A set to failure leaves nothing in reserve.'),
            $this->exercise !== null && ($this->exercise->style->movement === Movement::Hold) !== $isHang => throw $json->fault(
                'exercise',
                'A hold is logged by its seconds, everything else by its reps.',
            ),
            count($this->halves_s) > count($this->splits_s) => throw $json->fault('halves_s', 'More halves were tapped than lowerings timed.'),
            $this->splits_s === [] => null,
            $this->exercise?->style->movement !== Movement::Lowering => throw $json->fault(
                'splits_s',
                'Only lowerings are timed one by one.',
            ),
            count($this->splits_s) > (int) $this->clean_reps => throw $json->fault('splits_s', 'More lowerings were timed than counted.'),
            default => null,
        };
    }

    /** Mean of the lowerings that were timed. */
    public function downS(): ?float
    {
        return $this->splits_s === [] ? null : array_sum($this->splits_s) / count($this->splits_s);
    }

    /** Lowerings that went down unevenly; none where nobody tapped half way. */
    public function uneven(): ?int
    {
        return $this->halves_s === [] ? null : EvenDown::uneven($this->splits_s, $this->halves_s);
    }
}
