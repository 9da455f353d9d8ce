<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Exercise\Choices\ChoiceKind;
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
                static fn (AllowedExercises $m): bool => self::has($kit, $m->kind),
            ) === [],
        );

        return array_values(array_map(static fn (Stage $stage): string => $stage->name, $lacking));
    }

    private static function has(Kit $kit, ChoiceKind $kind): bool
    {
        return array_filter($kind->needs(), static fn (GearNeed $need): bool => ! $need->isMetBy($kit)) === [];
    }
}
