<?php

declare(strict_types=1);

namespace SteadyRung\Kit\Band;

/**
 * Whether a band should be looked at again, and why (common practice: each week of use, or each sixty sets).
 */
final readonly class InspectionDue
{
    public const DAYS = 7;

    public const USES = 60;

    private function __construct(public bool $isDue, public string $text)
    {
    }

    public static function after(?int $daysSince, int $usesSince): self
    {
        return match (true) {
            $daysSince === null => new self(true, 'Never inspected. Look at it before the next set.'),
            $usesSince >= self::USES => new self(true, sprintf('%d sets since it was looked at; due every %d.', $usesSince, self::USES)),
            $usesSince > 0 && $daysSince >= self::DAYS => new self(
                true,
                sprintf('Looked at %d days ago and used since; due every %d.', $daysSince, self::DAYS),
            ),
            default => new self(
                false,
                sprintf('Looked at %s; %d %s since.', self::ago($daysSince), $usesSince, $usesSince === 1 ? 'set' : 'sets'),
            ),
        };
    }

    private static function ago(int $days): string
    {
        return match ($days) {
            0 => 'today',
            1 => 'yesterday',
            default => "$days days ago",
        };
    }
}
