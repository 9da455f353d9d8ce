<?php

declare(strict_types=1);

namespace App\Actions\Own;

use App\Models\Gym\AthletesTell;
use OpenApi\Attributes as OA;

/**
 * What athletes may tell on their own page.
 */
#[OA\Schema(schema: 'TellsInput')]
final readonly class TellsGiven
{
    /** @param  list<AthletesTell>  $tells */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string', enum: AthletesTell::class))]
        public array $tells,
    ) {
    }
}
