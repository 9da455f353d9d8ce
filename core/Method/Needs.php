<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Kit\GearNeed;
use SteadyRung\Kit\Kit;

/**
 * What gear a method cannot do without.
 */
final class Needs
{
    /** @return list<string> names of the stages that no means of their work can be built for, whatever the body */
    public static function lackingStages(Method $method, Kit $kit): array
    {
        $lacking = array_filter(
            $method->stages,
            static fn (Stage $stage): bool => array_filter(
                $stage->work()->allowed,
                static fn (AllowedExercises $m): bool => self::has($kit, $m),
            ) === [],
        );

        return array_values(array_map(static fn (Stage $stage): string => $stage->name, $lacking));
    }

    private static function has(Kit $kit, AllowedExercises $means): bool
    {
        $needs = $means->arranged?->needs() ?? $means->kind->needs();

        return array_filter($needs, static fn (GearNeed $need): bool => ! $need->isMetBy($kit)) === [];
    }
}
