<?php

declare(strict_types=1);

namespace SteadyRung\Ladder\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\PullDown;

/**
 * A pin of a pull-down machine.
 */
final readonly class PulledDown implements Choice
{
    private function __construct(public string $machineId, public float $stackKg)
    {
    }

    /** @throws OutOfRange if the stack is outside its range */
    public static function of(string $machineId, float $stackKg): self
    {
        OutOfRange::guard(['stack_kg' => [$stackKg, PullDown::STACK_KG]]);

        return new self($machineId, $stackKg);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::PullDown;
    }

    public function key(): string
    {
        return sprintf('pulldown:%s:%.2f', $this->machineId, $this->stackKg);
    }

    public function pieces(): array
    {
        return ['machine' => $this->machineId, 'stack' => sprintf('%.2f', $this->stackKg)];
    }

    public function setup(Kit $kit): PullDown
    {
        return PullDown::of($this->stackKg * $kit->machine($this->machineId, MachineUse::PullDown)->leverage);
    }

    public function name(Kit $kit): string
    {
        return sprintf('Pull-down, %s, stack %.1f kg', $kit->machine($this->machineId)->name, $this->stackKg);
    }
}
