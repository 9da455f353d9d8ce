<?php

declare(strict_types=1);

namespace SteadyRung\Method;

/**
 * What is done in a class that wants sets of so many reps (common practice).
 */
final readonly class Variation
{
    /**
     * @param  array{int, int}  $reps  of the sets it is for
     * @param  list<AllowedExercises>  $allowed  none where it is an accessory
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $reps,
        public array $allowed,
        public ?Accessory $accessory,
        public ?string $note,
    ) {
    }

    public function suits(int $reps): bool
    {
        return $reps >= $this->reps[0] && $reps <= $this->reps[1];
    }

    /** As a line of one set, for the hardest set-up that so many reps are likely on. */
    public function line(int $reps): Prescription
    {
        return Prescription::of(
            SessionPart::Main,
            $this->accessory ?? ($this->allowed === [] ? throw BadMethod::withoutWork($this->key) : $this->allowed),
            1,
            Amount::of(Measure::Reps, $reps),
            60,
        );
    }
}
