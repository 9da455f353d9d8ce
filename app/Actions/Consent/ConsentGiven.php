<?php

declare(strict_types=1);

namespace App\Actions\Consent;

use App\Formats\Inputs\Birthday;
use App\Formats\Inputs\Checked;
use App\Formats\Inputs\OneLine;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\Consent\ConsentGiver;
use SteadyRung\Safety\Consent\ConsentWords;

/**
 * Consent that an athlete, or a guardian for them, gave to the words as they were shown.
 */
#[OA\Schema(schema: 'ConsentInput')]
final readonly class ConsentGiven implements Checked
{
    public function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(description: 'The athlete’s birthday.', format: 'date')]
        #[Birthday]
        public string $born_on,
        #[OA\Property]
        public ConsentGiver $by,
        #[OA\Property(description: 'As they were shown.', maxLength: ConsentWords::LONGEST)]
        public string $words,
        #[OA\Property(description: 'The guardian, by name.', maxLength: 80)]
        #[OneLine]
        public ?string $guardian = null,
    ) {
    }

    public function check(JsonObject $json): void
    {
        if ($this->by === ConsentGiver::Guardian && $this->guardian === null) {
            throw $json->fault('guardian', 'Who agreed? Give the guardian’s name.');
        }
        if ($this->by === ConsentGiver::Athlete && $this->guardian !== null) {
            throw $json->fault('guardian', 'A guardian is named only where they agreed.');
        }
    }
}
