<?php

declare(strict_types=1);

namespace App\Responses\Log;

use App\Context\Readable;
use App\Formats\Json\Safety\PainJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Models\Log\LoggedSet;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Plan\Diary\Purpose;

/**
 * A set that stands in the log.
 */
#[OA\Schema]
final readonly class SetResponse
{
    /**
     * @param  list<string>  $faults
     * @param  list<float>  $splits_s
     * @param  list<float>  $halves_s
     */
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date-time')]
        public string $performed_at,
        #[OA\Property(format: 'date')]
        public string $trained_on,
        #[OA\Property]
        public Purpose $purpose,
        #[OA\Property]
        public ?ExerciseJson $exercise,
        #[OA\Property(description: 'The same for the same set-up.')]
        public ?string $setup_key,
        #[OA\Property]
        public ?string $setup_name,
        #[OA\Property]
        public ?float $carried_kg,
        #[OA\Property]
        public ?float $carried_share,
        #[OA\Property]
        public ?int $clean_reps,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))]
        public object $no_counts,
        #[OA\Property(description: 'What was seen in how it was done.', items: new OA\Items(type: 'string', enum: FormFault::class))]
        public array $faults,
        #[OA\Property]
        public ?int $reserve,
        #[OA\Property]
        public ?float $hang_s,
        #[OA\Property(description: 'Seconds of each lowering that was timed.', items: new OA\Items(type: 'number', format: 'float'))]
        public array $splits_s,
        #[OA\Property(
            description: 'Seconds to half way of each of them; 0 where nobody tapped.',
            items: new OA\Items(type: 'number', format: 'float'),
        )]
        public array $halves_s,
        #[OA\Property(description: 'Of them, how many went down unevenly and count for no gate.')]
        public int $uneven,
        #[OA\Property]
        public ?PainJson $pain,
        #[OA\Property]
        public ?string $note,
        #[OA\Property(description: 'The set it goes on from, on another exercise.', format: 'uuid')]
        public ?string $part_of,
        #[OA\Property]
        public ?int $asked_reps,
        #[OA\Property]
        public bool $to_failure,
        #[OA\Property(description: 'The line of the written session that it was done for.')]
        public ?string $line,
        #[OA\Property(description: 'The coach who logged it; none where the athlete did.', format: 'uuid')]
        public ?string $by,
        #[OA\Property(description: 'What it taught of the capacity; none where it tells nothing.')]
        public ?string $taught,
        #[OA\Property(description: 'Whether its pain was told by mistake.')]
        public bool $pain_undone,
        #[OA\Property(description: 'Whether it corrects an earlier row.')]
        public bool $corrected,
        #[OA\Property(description: 'Whether part of it is kept but cannot be read any more.')]
        public bool $damaged,
    ) {
    }

    public static function of(LoggedSet $set, ?string $taught = null, bool $painUndone = false): self
    {
        $exercise = Readable::orNull(static fn () => $set->exercise);
        $pain = Readable::orNull(static fn () => $set->pain);

        return new self(
            id: $set->id,
            performed_at: $set->performed_at->utc()->format('Y-m-d\TH:i:s\Z'),
            trained_on: $set->trained_on,
            purpose: $set->purpose,
            exercise: $exercise === null ? null : ExerciseJson::of($exercise),
            setup_key: $set->setup_key,
            setup_name: $set->setup_name,
            carried_kg: $set->carried_kg,
            carried_share: $set->carried_share,
            clean_reps: $set->clean_reps,
            no_counts: (object) ($set->no_counts ?? []),
            faults: $set->faults ?? [],
            reserve: $set->reserve,
            hang_s: $set->hang_s,
            splits_s: $set->splits_s ?? [],
            halves_s: $set->halves_s ?? [],
            uneven: (int) $set->uneven,
            pain: $pain === null ? null : PainJson::of($pain),
            note: $set->note,
            part_of: $set->part_of,
            asked_reps: $set->asked_reps,
            to_failure: $set->to_failure,
            line: $set->line,
            by: $set->user_id,
            taught: $taught,
            pain_undone: $painUndone,
            corrected: $set->replaces_id !== null,
            damaged: $exercise === null && $set->setup_key !== null || $pain === null && $set->pain_told_at !== null,
        );
    }
}
