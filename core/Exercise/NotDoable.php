<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

use SteadyRung\CoreError;
use SteadyRung\Exercise\Choices\ChoiceKind;

/**
 * A movement, a grip or a way up that a set-up does not allow; names what it does allow.
 */
final class NotDoable extends \DomainException implements CoreError
{
    /** @param  list<string>  $allowed */
    private function __construct(public readonly string $field, public readonly array $allowed, string $message)
    {
        parent::__construct($message);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  T  $value
     * @param  list<T>  $allowed
     *
     * @throws self if the value is not among them
     */
    public static function guard(string $field, \BackedEnum $value, array $allowed, ChoiceKind $kind): void
    {
        if (! in_array($value, $allowed, true)) {
            $names = array_map(static fn (\BackedEnum $one): string => (string) $one->value, $allowed);
            throw new self(
                $field,
                $names,
                sprintf(
                    '"%s" cannot be done on a set-up of the kind "%s". Allowed: %s.',
                    $value->value,
                    $kind->value,
                    implode(', ', $names),
                ),
            );
        }
    }

    public static function missing(string $field, string $words): self
    {
        return new self($field, [], $words);
    }
}
