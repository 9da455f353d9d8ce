<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Record;
use SteadyRung\Kit\Band\BandFinding;

/**
 * A look at a band: when, what was found.
 *
 * @property string $band_id
 * @property string $user_id
 * @property string $inspected_on
 * @property BandFinding $finding
 * @property string|null $note
 */
final class BandInspection extends Record
{
    protected $attributes = ['note' => null];

    protected array $told = ['band_id', 'inspected_on', 'finding', 'note'];

    protected $table = 'band_inspections';

    protected $casts = ['finding' => BandFinding::class];
}
