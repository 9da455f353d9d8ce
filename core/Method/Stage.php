<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Style\Movement;

/**
 * A part of a method: what is done in it, the gate that ends it, and the weeks it usually takes.
 */
final readonly class Stage
{
    /**
     * @param  array{int, int}  $weeks  usually
     * @param  non-empty-list<Prescription>  $lines  the first main one is held against the gate
     * @param  list<string>  $ours  what no school says and we filled in
     * @param  bool  $endsByDate  after its weeks, whatever was met
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $weeks,
        public array $lines,
        public Gate $gate,
        public float $endsAtShare,
        public array $ours = [],
        public ?string $note = null,
        public bool $endsByDate = false,
    ) {
    }

    /** The line the gate is about. */
    public function work(): Prescription
    {
        foreach ($this->lines as $line) {
            if ($line->part === SessionPart::Main && $line->allowed !== []) {
                return $line;
            }
        }

        throw BadMethod::withoutWork($this->key);
    }

    /** Days after which a stage of a calendar is over; none where its gate ends it. */
    public function endsAfterDays(): ?int
    {
        return $this->endsByDate ? 7 * $this->weeks[1] : null;
    }

    public function kind(): StageKind
    {
        $allowed = $this->work()->allowed[0];

        return match (true) {
            $allowed->movement->isTimed() => StageKind::Timed,
            $allowed->movement !== Movement::Full => StageKind::Help,
            $allowed->kind === ChoiceKind::Row, $allowed->kind->lane() === Lane::PullDown => StageKind::Row,
            in_array($allowed->kind, [ChoiceKind::Strict, ChoiceKind::Added], true) => StageKind::Strict,
            default => StageKind::Help,
        };
    }

    public function lowerings(): int
    {
        return array_sum(array_map(static fn (Prescription $p): int => $p->lowerings(), $this->lines));
    }
}
