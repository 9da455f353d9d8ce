<?php

declare(strict_types=1);

namespace SteadyRung\Method\Builders;

use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;

/**
 * Work for some weeks after the first strict rep, in the place of a stage's main work: it goes with any method (common practice).
 */
final readonly class Builder
{
    public const MOST_REPS = 20.0;

    /**
     * @param  array{int, int}  $weeks
     * @param  int  $fromReps  strict reps that it takes
     * @param  non-empty-list<Prescription>  $lines
     * @param  bool  $tires  it tires the arms first, which is not for newcomers
     * @param  list<string>  $eachWeek  what is said of it week by week, the last for all that come after
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $idea,
        public array $weeks,
        public int $fromReps,
        public array $lines,
        public bool $tires = false,
        public array $eachWeek = [],
    ) {
    }

    /** What is said of it in a week, the first as 0; none where no week differs. */
    public function saysIn(int $week): ?string
    {
        return $this->eachWeek[min($week, count($this->eachWeek) - 1)] ?? null;
    }

    /**
     * The lines of a stage with its own in the place of the main work, and of work beside it where it brings some.
     *
     * @param  list<Prescription>  $lines
     * @return list<Prescription>
     */
    public function in(array $lines): array
    {
        $parts = array_map(static fn (Prescription $p): SessionPart => $p->part, $this->lines);

        return [
            ...array_values(array_filter(
                $lines,
                static fn (Prescription $p): bool => ! in_array($p->part, [SessionPart::Main, ...$parts], true),
            )),
            ...$this->lines,
        ];
    }
}
