<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Context\Readable;
use App\Formats\Day;
use App\Formats\Stored\StoredLineChange;
use App\Models\Athletes\Athlete;
use App\Models\Sessions\LineChangeRecord;
use SteadyRung\Plan\Context\ChangesByHand;
use SteadyRung\Plan\Context\LineChange;

/**
 * What the coach changed by hand in the stage an athlete is on; what cannot be read is passed over.
 */
final readonly class LoadChangesByHand
{
    public function of(Athlete $athlete): ChangesByHand
    {
        $changes = LineChangeRecord::standing($athlete)->orderByDesc('made_at')->limit(LineChangeRecord::MOST)->get()->reverse()->map(
            static fn (LineChangeRecord $c): ?LineChange => Readable::orNull(
                static fn (): LineChange => StoredLineChange::read($c->change, $c->line, Day::number($c->from_on), $c->lasts),
            ),
        );

        return new ChangesByHand(array_values(array_filter($changes->all(), static fn (?LineChange $c): bool => $c !== null)));
    }
}
