<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * What nobody is asked to go beyond: counted lowerings a session and a week, and hard vertical sets a week. In the first four weeks of
 * lowering a session has 15 and a week 30; afterwards a week grows by at most a fifth over the best of the last four (common practice).
 */
final readonly class Caps
{
    public const NEW_DAYS = 28;

    public const LOWERINGS_A_SESSION = 15;

    public const LOWERINGS_A_WEEK = 30;

    private const HARD_SETS_FIRST_MONTH = 10;

    private const HARD_SETS_LATER = 20;

    private const GROWTH = 1.2;

    /** A week has two days of them. */
    private const DAYS_A_WEEK = 2;

    private function __construct(public int $loweringsASession, public int $loweringsAWeek, public int $hardSetsAWeek)
    {
    }

    /**
     * @param  bool  $isNewToLowering  the first lowering is under 28 days ago, or still to come
     * @param  bool  $isNewcomer  the first log entry is under 28 days ago
     * @param  int  $bestWeek  the most lowerings of one of the last four weeks
     */
    public static function of(bool $isNewToLowering, bool $isNewcomer, int $bestWeek = 0): self
    {
        $week = $isNewToLowering ? self::LOWERINGS_A_WEEK : max(self::LOWERINGS_A_WEEK, (int) floor(self::GROWTH * $bestWeek));

        return new self($isNewToLowering ? self::LOWERINGS_A_SESSION : max(self::LOWERINGS_A_SESSION, intdiv($week, self::DAYS_A_WEEK)), $week, $isNewcomer ? self::HARD_SETS_FIRST_MONTH : self::HARD_SETS_LATER);
    }
}
