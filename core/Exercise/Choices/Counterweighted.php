<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\InWords;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\MachineUse;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Stack\Counterweight;

/**
 * A pin of a counterweight machine.
 */
final readonly class Counterweighted implements Choice
{
    private function __construct(public string $machineId, public float $stackKg)
    {
    }

    /** @throws OutOfRange if the stack is outside its range */
    public static function of(string $machineId, float $stackKg): self
    {
        OutOfRange::guard(['stack_kg' => [$stackKg, Counterweight::STACK_KG]]);

        return new self($machineId, $stackKg);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Counterweight;
    }

    public function key(): string
    {
        return sprintf('counterweight:%s:%.2f', $this->machineId, $this->stackKg);
    }

    public function pieces(): array
    {
        return ['machine' => $this->machineId, 'stack' => sprintf('%.2f', $this->stackKg)];
    }

    public function bandIds(): array
    {
        return [];
    }

    public function setup(Kit $kit): Counterweight
    {
        $machine = $kit->machine($this->machineId, MachineUse::Counterweight);

        return Counterweight::of($this->stackKg, $machine->leverage, $machine->platformKg);
    }

    public function name(Kit $kit): string
    {
        return sprintf('%s, stack %s', $kit->machine($this->machineId)->name, InWords::kg($this->stackKg));
    }
}
