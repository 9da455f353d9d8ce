<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\BandFinding;

/**
 * A look at a band.
 */
#[OA\Schema]
final readonly class InspectionInput
{
    private function __construct(
        #[OA\Property(format: 'uuid')]
        public string $id,
        #[OA\Property(format: 'date')]
        public string $inspected_on,
        #[OA\Property]
        public BandFinding $finding,
        #[OA\Property(maxLength: 500)]
        public ?string $note = null,
    ) {
    }

    public static function read(JsonObject $json, string $today): self
    {
        $json->allowing('id', 'inspected_on', 'finding', 'note');
        $on = $json->date('inspected_on', $today);

        return new self($json->uuid('id'), $on, $json->choice('finding', BandFinding::class), $json->optionalText('note', 500));
    }
}
