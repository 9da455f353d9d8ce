<?php

declare(strict_types=1);

namespace SteadyRung\Ladder\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Hold;
use SteadyRung\Setup\HoldAt;

/**
 * A hold of so many seconds, at the hang or at the top.
 */
final readonly class Held implements Choice
{
    private function __construct(public HoldAt $at, public float $seconds)
    {
    }

    /** @throws OutOfRange if the seconds are outside their range */
    public static function of(HoldAt $at, float $seconds): self
    {
        OutOfRange::guard(['seconds' => [$seconds, Hold::SECONDS]]);

        return new self($at, $seconds);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Hold;
    }

    public function key(): string
    {
        return sprintf('hold:%s:%.1f', $this->at->value, $this->seconds);
    }

    public function pieces(): array
    {
        return ['at' => $this->at->value, 'seconds' => sprintf('%.1f', $this->seconds)];
    }

    public function setup(Kit $kit): Hold
    {
        return Hold::of($this->at, $this->seconds);
    }

    public function name(Kit $kit): string
    {
        return sprintf($this->at === HoldAt::Hang ? 'Hang, %.0f s' : 'Top hold, %.0f s', $this->seconds);
    }
}
