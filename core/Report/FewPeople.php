<?php

declare(strict_types=1);

namespace SteadyRung\Report;

/**
 * When a figure of a group says little (common practice: under twenty).
 */
final class FewPeople
{
    public const ENOUGH = 20;

    public static function warning(int $people): ?string
    {
        return match (true) {
            $people >= self::ENOUGH => null,
            $people === 1 => 'One person: this is their story and no rule.',
            default => sprintf('%d people, fewer than %d: chance alone moves these figures widely.', $people, self::ENOUGH),
        };
    }
}
