<?php

declare(strict_types=1);

namespace SteadyRung\Method\House;

use SteadyRung\CoreError;

/**
 * A house rule, or a position of one, that is not known; names what is.
 */
final class UnknownPosition extends \DomainException implements CoreError
{
    /** @param  list<string>  $allowed */
    private function __construct(public readonly string $field, public readonly array $allowed, string $message)
    {
        parent::__construct($message);
    }

    public static function rule(string $rule): self
    {
        $allowed = array_column(HouseRule::cases(), 'value');

        return new self($rule, $allowed, sprintf('“%s” is no house rule. Allowed: %s.', $rule, implode(', ', $allowed)));
    }

    public static function position(HouseRule $rule, string $position): self
    {
        $allowed = array_map(strval(...), array_keys($rule->positions()));

        return new self(
            $rule->value,
            $allowed,
            sprintf('“%s” is no position of “%s”. Allowed: %s.', $position, $rule->value, implode(', ', $allowed)),
        );
    }
}
