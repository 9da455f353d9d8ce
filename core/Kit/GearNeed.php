<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

/**
 * Gear that an exercise cannot be set up without.
 */
enum GearNeed
{
    case BarOrRings;
    case Bar;
    case Footing;
    case Band;
    case Weight;
    case CounterweightMachine;
    case PullDownMachine;

    public function isMetBy(Kit $kit): bool
    {
        return match ($this) {
            self::BarOrRings => $kit->bars !== [] || $kit->ringPairs !== [],
            self::Bar => $kit->bars !== [],
            self::Footing => $kit->boxes !== [] || $kit->plates !== [],
            self::Band => $kit->bands !== [],
            self::Weight => $kit->weights !== [],
            self::CounterweightMachine => self::hasMachine($kit, MachineUse::Counterweight),
            self::PullDownMachine => self::hasMachine($kit, MachineUse::PullDown),
        };
    }

    private static function hasMachine(Kit $kit, MachineUse $use): bool
    {
        return array_filter($kit->machines, static fn (Machine $m): bool => $m->use === $use) !== [];
    }
}
