<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Safety\Caution;
use SteadyRung\Safety\Symptom;

/**
 * Pain, or a symptom, pauses all pulling until the coach clears it with a note.
 */
final readonly class ReferForBody implements Rule
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
        $told = [...$this->pain($situation), ...$this->symptoms($situation)];

        return $told === [] ? Finding::silent() : Finding::fires(new Call(
            verdict: $this->verdict(),
            rule: $this->name(),
            next: null,
            reasons: $told,
            confidence: Confidence::Firm,
            missing: ['A licensed clinician’s word, and the coach’s note that clears it.'],
            cautions: $this->isUrgent($situation) ? [Caution::Emergency, Caution::StopForPain] : [Caution::StopForPain, Caution::Emergency],
        ));
    }

    /** @return list<Evidence> */
    private function pain(Situation $situation): array
    {
        $pain = $situation->signs->pain;

        return $pain === null
            ? []
            : [new Evidence("Pain: {$pain->words()}. No pulling until you clear it.", (float) ($pain->level ?? 1), 1.0)];
    }

    /** @return list<Evidence> */
    private function symptoms(Situation $situation): array
    {
        return array_map(
            static fn (Symptom $s): Evidence => new Evidence(sprintf('%s. No pulling until you clear it.', ucfirst($s->words())), 1.0, 1.0),
            $situation->signs->symptoms,
        );
    }

    private function isUrgent(Situation $situation): bool
    {
        return $situation->signs->pain?->place->isUrgent() === true
            || array_filter($situation->signs->symptoms, static fn (Symptom $s): bool => $s->isUrgent()) !== [];
    }
}
