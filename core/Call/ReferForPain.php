<?php

declare(strict_types=1);

namespace SteadyRung\Call;

use SteadyRung\Safety\Caution;

/**
 * Pain pauses all pulling until the coach clears it with a note.
 */
final readonly class ReferForPain implements Rule
{
    public function verdict(): Verdict
    {
        return Verdict::Refer;
    }

    public function name(): string
    {
        return 'pain';
    }

    public function look(Situation $situation): Finding
    {
        if ($situation->pain === null) {
            return Finding::silent();
        }
        $pain = $situation->pain;

        return Finding::fires(new Call(
            $this->verdict(),
            $this->name(),
            null,
            [new Evidence(sprintf('Pain told: %s, %d of 10. Pulling is paused.', $pain->place->words(), $pain->level), (float) $pain->level, 1.0)],
            Confidence::Firm,
            missing: ['A licensed clinician’s word, and the coach’s note that clears it.'],
            cautions: $pain->place->isUrgent() ? [Caution::Emergency, Caution::StopForPain] : [Caution::StopForPain, Caution::Emergency],
        ));
    }
}
