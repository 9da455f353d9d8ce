<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\OutOfRange;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\Symptom;

/**
 * What was told after a session or before the next: how it felt, and what the body says. None of it is required.
 */
final readonly class Signal
{
    public const SORENESS = [0.0, 5.0];

    /** From so much on soreness is marked: an easy day first. */
    public const MARKED_SORENESS = 4;

    public const EFFORT = [0.0, 10.0];

    /** @param  list<Symptom>  $symptoms */
    private function __construct(
        public int $day,
        public ?int $soreness,
        public array $symptoms,
        public ?Pain $pain,
        public ?LimitingFactor $limitingFactor,
        public ?int $effort,
        public ?bool $takesHold,
        public ?string $feltWorked,
    ) {
    }

    /**
     * @param  int|null  $soreness  0–5
     * @param  list<Symptom>  $symptoms
     * @param  int|null  $effort  0–10
     *
     * @throws OutOfRange if a figure is outside
     */
    public static function of(
        int $day,
        ?int $soreness = null,
        array $symptoms = [],
        ?Pain $pain = null,
        ?LimitingFactor $limitingFactor = null,
        ?int $effort = null,
        ?bool $takesHold = null,
        ?string $feltWorked = null,
    ): self {
        OutOfRange::guard(['soreness' => [$soreness, self::SORENESS], 'effort' => [$effort, self::EFFORT]]);

        return new self(
            day: $day,
            soreness: $soreness,
            symptoms: $symptoms,
            pain: $pain,
            limitingFactor: $limitingFactor,
            effort: $effort,
            takesHold: $takesHold,
            feltWorked: $feltWorked,
        );
    }
}
