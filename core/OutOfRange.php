<?php

declare(strict_types=1);

namespace SteadyRung;

/**
 * One or more quantities outside their ranges, all of them named at once.
 */
final class OutOfRange extends \DomainException implements CoreError
{
    /** @param  non-empty-list<Violation>  $violations */
    private function __construct(public readonly array $violations)
    {
        parent::__construct(implode(' ', array_map(static fn (Violation $v): string => $v->text(), $violations)));
    }

    /**
     * Refuses every value outside its range (NaN is outside every range); a null value is one that was not given.
     *
     * @param  array<string, array{float|int|null, array{float, float}}>  $checks  quantity => [value, [low, high]]
     *
     * @throws self if any value is outside
     */
    public static function guard(array $checks): void
    {
        $violations = [];
        foreach ($checks as $quantity => [$value, [$low, $high]]) {
            if ($value !== null && ! ($value >= $low && $value <= $high)) {
                $violations[] = new Violation($quantity, (float) $value, $low, $high);
            }
        }
        if ($violations !== []) {
            throw new self($violations);
        }
    }
}
