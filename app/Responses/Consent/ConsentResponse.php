<?php

declare(strict_types=1);

namespace App\Responses\Consent;

use App\Models\Consent\ConsentRecord;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\Consent\ConsentGiver;
use SteadyRung\Safety\Consent\ConsentState;

/**
 * Whether an athlete agrees to what is kept of their health, and to what words.
 */
#[OA\Schema(schema: 'Consent')]
final readonly class ConsentResponse
{
    public function __construct(
        #[OA\Property]
        public ConsentState $state,
        #[OA\Property(description: 'The same, said.')]
        public string $text,
        #[OA\Property(description: 'What the gym asks now.')]
        public string $words_now,
        #[OA\Property(description: 'What was agreed to.')]
        public ?string $words,
        #[OA\Property(description: 'When it was given or taken back.', format: 'date')]
        public ?string $on,
        #[OA\Property]
        public ?ConsentGiver $by,
        #[OA\Property]
        public ?string $guardian,
        #[OA\Property(format: 'date')]
        public ?string $born_on,
        #[OA\Property(description: 'The coach who noted it.')]
        public ?string $noted_by,
    ) {
    }

    public static function of(?ConsentRecord $latest, string $today, string $wordsNow, ?string $notedBy): self
    {
        $state = ConsentRecord::state($latest, $today, $wordsNow);

        return new self(
            state: $state,
            text: $state->words(),
            words_now: $wordsNow,
            words: $latest?->words,
            on: $latest?->given_on,
            by: $latest?->by,
            guardian: $latest?->guardian,
            born_on: $latest?->born_on,
            noted_by: $notedBy,
        );
    }
}
