<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\InWords;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\MachineUse;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Stack\PullDown;
use SteadyRung\Setup\Stack\Stance;

/**
 * A pin of a pull-down machine.
 */
final readonly class PulledDown implements Choice
{
    private function __construct(public string $machineId, public float $stackKg, public Stance $stance)
    {
    }

    /** @throws OutOfRange if the stack is outside its range */
    public static function of(string $machineId, float $stackKg, Stance $stance = Stance::Seated): self
    {
        OutOfRange::guard(['stack_kg' => [$stackKg, PullDown::STACK_KG]]);

        return new self($machineId, $stackKg, $stance);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::PullDown;
    }

    public function key(): string
    {
        return sprintf('pulldown:%s:%.2f', $this->machineId, $this->stackKg).(
            $this->stance === Stance::Seated ? '' : ':'.$this->stance->value
        );
    }

    public function pieces(): array
    {
        return ['machine' => $this->machineId, 'stack' => sprintf('%.2f', $this->stackKg), 'stance' => $this->stance->value];
    }

    public function bandIds(): array
    {
        return [];
    }

    public function setup(Kit $kit): PullDown
    {
        return PullDown::of($this->stackKg * $kit->machine($this->machineId, MachineUse::PullDown)->leverage, $this->stance);
    }

    public function name(Kit $kit): string
    {
        return sprintf(
            'Pull-down, %s, stack %s',
            $kit->machine($this->machineId)->name,
            InWords::kg($this->stackKg),
        ).($this->stance === Stance::Seated ? '' : ', kneeling');
    }
}
