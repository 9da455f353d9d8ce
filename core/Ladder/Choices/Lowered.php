<?php

declare(strict_types=1);

namespace SteadyRung\Ladder\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Lowering;

/**
 * Lowering reps of so many seconds.
 */
final readonly class Lowered implements Choice
{
    private function __construct(public float $seconds)
    {
    }

    /** @throws OutOfRange if the seconds are outside their range */
    public static function of(float $seconds): self
    {
        OutOfRange::guard(['seconds' => [$seconds, Lowering::SECONDS]]);

        return new self($seconds);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Lowering;
    }

    public function key(): string
    {
        return sprintf('lowering:%.1f', $this->seconds);
    }

    public function pieces(): array
    {
        return ['seconds' => sprintf('%.1f', $this->seconds)];
    }

    public function setup(Kit $kit): Lowering
    {
        return Lowering::of($this->seconds);
    }

    public function name(Kit $kit): string
    {
        return sprintf('Lowering, %.0f s', $this->seconds);
    }
}
