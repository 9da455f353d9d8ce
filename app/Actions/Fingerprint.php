<?php

declare(strict_types=1);

namespace App\Actions;

use App\Formats\Stored\StoredExercise;
use App\Formats\Stored\StoredGear;
use App\Formats\Stored\StoredPain;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;
use SteadyRung\Safety\Pain;

/**
 * What tells one command from another under the same id: its canonical JSON as it was understood. Keys are sorted, what is null
 * or a default is left out, moments are in UTC, and what it was done to stands in it; so a command that gains an optional
 * field keeps its fingerprint.
 */
final class Fingerprint
{
    /** What an earlier program called something, as it called a command a deed; commands are known again by those names. */
    private const FIRST_NAMES = ['exercise' => 'choice'];

    /** @param  array<string, string>  $parents  what the command was done to, by its kind */
    public static function of(string $kind, array $parents, object $command): string
    {
        return hash(
            'sha256',
            json_encode(self::sorted(['kind' => $kind, 'of' => $parents, 'deed' => self::plain($command)]), JSON_THROW_ON_ERROR),
        );
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \BackedEnum => $value->value,
            $value instanceof \DateTimeInterface => \DateTimeImmutable::createFromInterface($value)->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.u\Z'),
            $value instanceof Exercise => StoredExercise::write($value),
            $value instanceof Pain => StoredPain::write($value),
            $value instanceof CalibrationPoint => [$value->lengthM, $value->forceN],
            $value instanceof Bar, $value instanceof RingPair, $value instanceof Box, $value instanceof Plate, $value instanceof Weight, $value instanceof Machine => StoredGear::write($value),
            is_object($value) => self::told($value),
            is_array($value) => array_map(self::plain(...), $value),
            default => $value,
        };
    }

    /** @return array<string, mixed> the properties of a command that say more than their default */
    private static function told(object $command): array
    {
        $told = get_object_vars($command);
        foreach ((new \ReflectionClass($command))->getConstructor()?->getParameters() ?? [] as $parameter) {
            if ($parameter->isDefaultValueAvailable() && ($told[$parameter->getName()] ?? null) === $parameter->getDefaultValue()) {
                unset($told[$parameter->getName()]);
            }
        }

        $named = [];
        foreach (array_filter($told, static fn (mixed $value): bool => $value !== null) as $name => $value) {
            $named[self::FIRST_NAMES[$name] ?? $name] = self::plain($value);
        }

        return $named;
    }

    /**
     * @param  array<mixed>  $value
     * @return array<mixed>
     */
    private static function sorted(array $value): array
    {
        if (! array_is_list($value)) {
            ksort($value);
        }

        return array_map(static fn (mixed $v): mixed => is_array($v) ? self::sorted($v) : $v, $value);
    }
}
