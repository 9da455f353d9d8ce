<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;

/**
 * What gear a method cannot do without.
 */
final class Needs
{
    /** @return list<string> names of the stages that no means of their work can be built for, whatever the body */
    public static function lackingStages(Method $method, Kit $kit): array
    {
        $lacking = array_filter($method->stages, static fn (Stage $stage): bool => array_filter($stage->work()->allowed, static fn (AllowedExercises $m): bool => self::has($kit, $m->kind)) === []);

        return array_values(array_map(static fn (Stage $stage): string => $stage->name, $lacking));
    }

    private static function has(Kit $kit, ChoiceKind $kind): bool
    {
        return match ($kind) {
            ChoiceKind::Strict, ChoiceKind::LowBar, ChoiceKind::Hop => $kit->bars !== [] || $kit->ringPairs !== [],
            ChoiceKind::Foot => $kit->bars !== [] && ($kit->boxes !== [] || $kit->plates !== []),
            ChoiceKind::Row => $kit->ringPairs !== [] || $kit->bars !== [],
            ChoiceKind::Band, ChoiceKind::BandPullDown => $kit->bands !== [] && $kit->bars !== [],
            ChoiceKind::Added => $kit->weights !== [],
            ChoiceKind::Counterweight => self::hasMachine($kit, MachineUse::Counterweight),
            ChoiceKind::PullDown => self::hasMachine($kit, MachineUse::PullDown),
        };
    }

    private static function hasMachine(Kit $kit, MachineUse $use): bool
    {
        return array_filter($kit->machines, static fn (Machine $m): bool => $m->use === $use) !== [];
    }
}
