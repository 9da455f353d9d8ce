<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Safety\Caution;

/**
 * Pain pauses all pulling until the coach clears it with a note.
 */
final readonly class ReferForPain implements Rule
{
    public function judge(Situation $situation): ?Call
    {
        if ($situation->pain === null) {
            return null;
        }
        $pain = $situation->pain;

        return new Call(
            Verdict::Refer,
            'pain',
            null,
            [sprintf('Pain logged: %s, %d of 10. Pulling is paused.', $pain->place->value, $pain->level)],
            Confidence::Firm,
            missing: ['A licensed clinician’s word, and the coach’s note that clears it.'],
            cautions: $pain->place->isUrgent() ? [Caution::Emergency, Caution::StopForPain] : [Caution::StopForPain, Caution::Emergency],
        );
    }
}
