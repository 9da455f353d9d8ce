<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Context\Readable;
use App\Formats\Day;
use App\Formats\Stored\StoredLineChange;
use App\Models\Athletes\Athlete;
use App\Models\Sessions\LineChangeRecord;
use SteadyRung\Plan\Brief\ByHand;
use SteadyRung\Plan\Brief\LineChange;

/**
 * What the coach changed by hand in the stage an athlete is on; what cannot be read is passed over.
 */
final readonly class ChangesByHand
{
    public function of(Athlete $athlete): ByHand
    {
        $changes = LineChangeRecord::standing($athlete)->orderByDesc('made_at')->limit(LineChangeRecord::MOST)->get()->reverse()->map(
            static fn (LineChangeRecord $c): ?LineChange => Readable::orNull(static fn (): LineChange => StoredLineChange::read($c->change, $c->line, Day::number($c->from_on), $c->lasts)),
        );

        return new ByHand(array_values(array_filter($changes->all(), static fn (?LineChange $c): bool => $c !== null)));
    }
}
