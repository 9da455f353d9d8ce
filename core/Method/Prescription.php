<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\InWords;
use SteadyRung\OutOfRange;

/**
 * One line of a stage: what is done, how often, how much, and the rest after each set.
 */
final readonly class Prescription
{
    public const SETS = [1.0, 12.0];

    public const REST_S = [0.0, 600.0];

    public const PER_WEEK = [1.0, 7.0];

    /**
     * @param  list<AllowedExercises>  $allowed  the first that this gear allows is done; none where it is an accessory
     */
    private function __construct(
        public SessionPart $part,
        public array $allowed,
        public ?Accessory $accessory,
        public int $sets,
        public Amount $amount,
        public int $restS,
        public bool $toFailure,
        public bool $isPerSide,
        public bool $climbs,
        public ?string $tempo,
        public ?string $group,
        public ?Begin $begin,
        public ?Grows $grows,
        public ?int $perWeek,
    ) {
    }

    /**
     * @param  non-empty-list<AllowedExercises>|Accessory  $do
     * @param  int  $sets  1–12
     * @param  int  $restS  0–600 s
     * @param  bool  $climbs  rung after rung within the shares of its means
     * @param  Begin|null  $begin  how each set begins, before it goes on as this
     * @param  int|null  $perWeek  days of a week it is done on, 1–7; each session where none is said
     *
     * @throws OutOfRange if a figure is outside
     */
    public static function of(
        SessionPart $part,
        array|Accessory $do,
        int $sets,
        Amount $amount,
        int $restS,
        bool $toFailure = false,
        bool $isPerSide = false,
        bool $climbs = false,
        ?string $tempo = null,
        ?string $group = null,
        ?Begin $begin = null,
        ?Grows $grows = null,
        ?int $perWeek = null,
    ): self {
        OutOfRange::guard([
            'sets' => [$sets, self::SETS],
            'rest_s' => [$restS, self::REST_S],
            'per_week' => [$perWeek, self::PER_WEEK],
        ]);

        return new self(
            part: $part,
            allowed: is_array($do) ? $do : [],
            accessory: $do instanceof Accessory ? $do : null,
            sets: $sets,
            amount: $amount,
            restS: $restS,
            toFailure: $toFailure,
            isPerSide: $isPerSide,
            climbs: $climbs,
            tempo: $tempo,
            group: $group,
            begin: $begin,
            grows: $grows,
            perWeek: $perWeek,
        );
    }

    /** Other figures, and another accessory where one is named. */
    public function with(int $sets, Amount $amount, int $restS, ?Accessory $accessory = null): self
    {
        return new self(
            part: $this->part,
            allowed: $this->allowed,
            accessory: $accessory ?? $this->accessory,
            sets: $sets,
            amount: $amount,
            restS: $restS,
            toFailure: $this->toFailure,
            isPerSide: $this->isPerSide,
            climbs: $this->climbs,
            tempo: $this->tempo,
            group: $this->group,
            begin: $this->begin,
            grows: $this->grows,
            perWeek: $this->perWeek,
        );
    }

    /** What it is known by in its stage, whatever its figures. */
    public function key(): string
    {
        return $this->part->value.':'.($this->accessory->value ?? $this->allowed[0]->key());
    }

    /** Of its means the one a rung is done as; none where it is done as none of them. */
    public function meansOf(Rung $rung): ?AllowedExercises
    {
        foreach ($this->allowed as $allowed) {
            if ($allowed->isDoneOn($rung)) {
                return $allowed;
            }
        }

        return null;
    }

    public function isLowering(): bool
    {
        return $this->allowed !== [] && $this->allowed[0]->movement === Movement::Lowering;
    }

    public function words(): string
    {
        return sprintf('%s %d × %s', $this->accessory?->words() ?? $this->allowed[0]->words(), $this->sets, $this->amount->words())
            .($this->begin === null ? '' : sprintf(', the first %d as %s', $this->begin->reps, lcfirst($this->begin->allowed[0]->words())))
            .($this->perWeek === null ? '' : sprintf(', %s a week', InWords::times($this->perWeek)));
    }

    /** Lowerings that one session of it asks for. */
    public function lowerings(): int
    {
        return match (true) {
            ! $this->isLowering() => 0,
            $this->amount->measure === Measure::TotalReps => $this->amount->high,
            default => $this->sets * $this->amount->high,
        };
    }
}
